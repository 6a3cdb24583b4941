import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';

interface TermsValue {
    /** 0: as often as they like. */
    tries: number;
    /** As the browser's field writes a day and time; empty for none. */
    startsAt: string;
    endsAt: string;
}

const TRIES = [1, 2, 3, 5, 10];

/** Practice as often as one likes, an examination once; from now on. */
export function usualTerms(practice: boolean): TermsValue {
    return { tries: practice ? 0 : 1, startsAt: '', endsAt: '' };
}

/** How often a case can be begun, from when and until when. */
export function Terms({ terms, onChange }: { terms: TermsValue; onChange: (terms: TermsValue) => void }) {
    return (
        <div className="grid grid-cols-2 gap-3">
            <div className="col-span-2">
                <SelectField
                    label={t('terms.tries')}
                    value={String(terms.tries)}
                    onChange={({ target }) => onChange({ ...terms, tries: Number(target.value) })}
                    options={[
                        ...TRIES.map((count) => ({
                            value: String(count),
                            label: t('terms.times', { count }),
                        })),
                        { value: '0', label: t('terms.any-time') },
                    ]}
                />
            </div>
            <TextField
                label={t('terms.starts')}
                type="datetime-local"
                value={terms.startsAt}
                onChange={({ target }) => onChange({ ...terms, startsAt: target.value })}
            />
            <TextField
                label={t('terms.ends')}
                type="datetime-local"
                min={terms.startsAt || undefined}
                value={terms.endsAt}
                onChange={({ target }) => onChange({ ...terms, endsAt: target.value })}
            />
        </div>
    );
}
