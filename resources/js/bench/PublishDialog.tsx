import { useState } from 'react';
import type { NewRelease } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { OneOf } from '../ui/OneOf';
import { GroupSelect } from '../people/GroupSelect';
import { useGroups } from '../people/useGroups';
import { t } from '../words/words';

const KINDS = ['at-once', 'instructor', 'date', 'all-done'] as const;

interface Props {
    /** Whoever practises sees at once what was wrong. */
    practice: boolean;
    open: boolean;
    onClose: () => void;
    onPublish: (group: number, release: NewRelease) => void;
}

/** The case goes to the group; when its reports open is chosen here. */
export function PublishDialog({ practice, open, onClose, onPublish }: Props) {
    return (
        <Dialog title={t('release.title')} open={open} onClose={onClose}>
            <PublishForm practice={practice} onClose={onClose} onPublish={onPublish} />
        </Dialog>
    );
}

function PublishForm({ practice, onClose, onPublish }: Omit<Props, 'open'>) {
    const [kind, setKind] = useState<NewRelease['kind']>(practice ? 'at-once' : 'instructor');
    const [at, setAt] = useState('');
    const mine = useGroups().data;
    const groups = mine ?? [];
    const [chosen, setChosen] = useState('');
    const group =
        groups.find(({ id }) => String(id) === chosen) ?? (groups.length === 1 ? groups[0] : undefined);
    const needsDate = kind === 'date' || kind === 'all-done';
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (group === undefined) return;
                onClose();
                onPublish(group.id, needsDate ? { kind, at: new Date(at).toISOString() } : { kind });
            }}
        >
            {mine?.length === 0 && <p role="status">{t('release.no-group')}</p>}
            {groups.length > 1 && (
                <GroupSelect
                    label={t('release.to-whom')}
                    groups={groups}
                    value={chosen}
                    onChoose={setChosen}
                />
            )}
            {group !== undefined && (
                <p className="font-semibold">
                    {t('release.seen-by', { group: group.name, count: group.apprentices })}
                </p>
            )}
            <p>{t('release.about')}</p>
            <OneOf
                question={t('release.question')}
                name="release"
                options={KINDS.map((one) => ({ value: one, label: t(`release.${one}`) }))}
                value={kind}
                onChoose={setKind}
            />
            {needsDate && (
                <TextField
                    label={t(kind === 'date' ? 'release.at' : 'release.at-the-latest')}
                    type="datetime-local"
                    required
                    value={at}
                    onChange={({ target }) => setAt(target.value)}
                />
            )}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={group === undefined}>
                    {t('release.give')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
