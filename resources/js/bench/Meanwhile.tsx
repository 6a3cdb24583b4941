import type { CaseFields, CaseRecord } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

const NAMED = ['name', 'jobTitle', 'complaint', 'car', 'faults'] as const;

interface Props {
    /** As somebody else has left it; null while nobody has. */
    theirs: CaseRecord | null;
    mine: CaseFields;
    message: string;
    onKeepMine: () => void;
    onTakeTheirs: () => void;
    onClose: () => void;
}

/** Two had the case on the bench: the second sees what differs and chooses. */
export function Meanwhile({ theirs, mine, message, onKeepMine, onTakeTheirs, onClose }: Props) {
    const fields = theirs === null ? [] : different(theirs.document, mine);
    return (
        <Dialog title={t('bench.meanwhile-title')} open={theirs !== null} onClose={onClose}>
            <p className="mb-3">{message}</p>
            <p className="mb-4">
                {fields.length === 0
                    ? t('bench.meanwhile-same')
                    : t('bench.meanwhile-where', {
                          fields: fields.map((field) => t(`bench.field.${field}`)).join(', '),
                      })}
            </p>
            <div className="flex flex-wrap gap-3">
                <Button kind="main" onClick={onKeepMine}>
                    {t('bench.keep-mine')}
                </Button>
                <Button onClick={onTakeTheirs}>{t('bench.take-theirs')}</Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </Dialog>
    );
}

function different(theirs: CaseFields, mine: CaseFields): string[] {
    const named = NAMED.filter((field) => written(theirs[field]) !== written(mine[field]));
    return written(rest(theirs)) === written(rest(mine)) ? named : [...named, 'other'];
}

function rest(fields: CaseFields) {
    return Object.fromEntries(
        Object.entries(fields).filter(
            ([field]) => field !== 'format' && !(NAMED as readonly string[]).includes(field),
        ),
    );
}

/** The same for the same, in whatever order it was put down. */
function written(part: unknown): string {
    return JSON.stringify(part, (_, value: unknown) =>
        value !== null && typeof value === 'object' && !Array.isArray(value)
            ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
            : value,
    );
}
