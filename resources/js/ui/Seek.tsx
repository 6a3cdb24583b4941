import { t } from '../words/words';
import { SelectField, TextField } from './Field';

/** What is looked for in a list; empty texts ask for nothing. */
export interface Sought {
    words: string;
    state: string;
}

export const NOTHING_SOUGHT: Sought = { words: '', state: '' };

interface Props {
    sought: Sought;
    onChange: (sought: Sought) => void;
    /** By which the list can be narrowed; none: by words alone. */
    states?: { value: string; label: string }[];
}

/** Finds some of many rows: by words, and by how they stand. */
export function Seek({ sought, onChange, states = [] }: Props) {
    return (
        <div role="search" aria-label={t('seek.words')} className="mb-3 flex max-w-120 items-end gap-3">
            <div className="min-w-0 flex-1">
                <TextField
                    label={t('seek.words')}
                    type="search"
                    value={sought.words}
                    onChange={({ target }) => onChange({ ...sought, words: target.value })}
                />
            </div>
            {states.length > 0 && (
                <div className="w-48">
                    <SelectField
                        label={t('seek.state')}
                        value={sought.state}
                        onChange={({ target }) => onChange({ ...sought, state: target.value })}
                        options={[{ value: '', label: t('seek.any') }, ...states]}
                    />
                </div>
            )}
        </div>
    );
}

/** Whether a row has all the words, and stands as wanted. */
export function isSought({ words, state }: Sought, texts: (string | null)[], standing = ''): boolean {
    const all = texts.join(' ').toLowerCase();
    return (
        (state === '' || state === standing) &&
        words
            .toLowerCase()
            .split(/\s+/)
            .every((word) => all.includes(word))
    );
}
