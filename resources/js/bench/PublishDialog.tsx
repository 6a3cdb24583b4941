import { useState } from 'react';
import type { NewAssignment, NewRelease, Variation } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { OneOf } from '../ui/OneOf';
import { t } from '../words/words';
import { Terms, usualTerms } from './Terms';
import { VariationChoice } from './VariationChoice';
import { ToWhom, useRecipients } from './ToWhom';

const KINDS = ['at-once', 'instructor', 'date', 'all-done'] as const;

interface Props {
    /** Whoever practises sees at once what was wrong, and begins as often as they like. */
    practice: boolean;
    /** Job title and complaint. */
    text: string;
    open: boolean;
    onClose: () => void;
    onPublish: (assignment: NewAssignment) => void;
}

/** Who gets the case, on which terms, and when its reports open. */
export function PublishDialog({ practice, text, open, onClose, onPublish }: Props) {
    return (
        <Dialog title={t('release.title')} open={open} onClose={onClose} wide>
            <PublishForm practice={practice} text={text} onClose={onClose} onPublish={onPublish} />
        </Dialog>
    );
}

function PublishForm({ practice, text, onClose, onPublish }: Omit<Props, 'open'>) {
    const [kind, setKind] = useState<NewRelease['kind']>(practice ? 'at-once' : 'instructor');
    const [at, setAt] = useState('');
    const [variation, setVariation] = useState<Variation>(practice ? 'same' : 'kind');
    const [terms, setTerms] = useState(usualTerms(practice));
    const whom = useRecipients();
    const needsDate = kind === 'date' || kind === 'all-done';
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                onClose();
                onPublish({
                    groups: whom.groups,
                    people: whom.people,
                    release: needsDate ? { kind, at: new Date(at).toISOString() } : { kind },
                    variation,
                    tries: terms.tries,
                    minutesAllowed: terms.minutesAllowed,
                    closedRoom: terms.closedRoom,
                    handbook: terms.handbook,
                    ...(terms.startsAt !== '' && { startsAt: new Date(terms.startsAt).toISOString() }),
                    ...(terms.endsAt !== '' && { endsAt: new Date(terms.endsAt).toISOString() }),
                });
            }}
        >
            <div className="grid grid-cols-2 gap-6">
                <div className="flex min-w-0 flex-col gap-3">
                    <ToWhom whom={whom} />
                    <Terms practice={practice} terms={terms} onChange={setTerms} />
                </div>
                <div className="flex min-w-0 flex-col gap-3">
                    <VariationChoice text={text} value={variation} onChoose={setVariation} />
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
                </div>
            </div>
            <p className="text-small text-ink-soft">{t('release.about')}</p>
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={whom.isEmpty}>
                    {t('release.give')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
