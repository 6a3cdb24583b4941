import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';

interface TermsValue {
    /** 0: as often as they like. */
    tries: number;
    /** As the browser's field writes a day and time; empty for none. */
    startsAt: string;
    endsAt: string;
    /** For one job, by the clock; 0: as long as they like. */
    minutesAllowed: number;
    /** Lab, other jobs and old reports are closed to whoever is at work on it. */
    closedRoom: boolean;
    /** Open then. */
    handbook: boolean;
}

const TRIES = [1, 2, 3, 5, 10];

const MINUTES = [10, 15, 20, 30, 45, 60, 90, 120, 180];

/** Practice as often as one likes, an examination once; from now on. */
export function usualTerms(practice: boolean): TermsValue {
    return {
        tries: practice ? 0 : 1,
        startsAt: '',
        endsAt: '',
        minutesAllowed: 0,
        closedRoom: !practice,
        handbook: true,
    };
}

interface Props {
    practice: boolean;
    terms: TermsValue;
    onChange: (terms: TermsValue) => void;
}

/** How often a case can be begun, from when and until when, and how long one job may take. */
export function Terms({ practice, terms, onChange }: Props) {
    return (
        <div className="grid grid-cols-2 gap-3">
            <div>
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
            <SelectField
                label={t('terms.time')}
                value={String(terms.minutesAllowed)}
                onChange={({ target }) => onChange({ ...terms, minutesAllowed: Number(target.value) })}
                options={[
                    { value: '0', label: t('terms.any-length') },
                    ...MINUTES.map((count) => ({
                        value: String(count),
                        label: t('terms.minutes', { count }),
                    })),
                ]}
            />
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
            <div className="col-span-2">
                {!practice && (
                    <Tick
                        label={t('terms.closed-room')}
                        value={terms.closedRoom}
                        onChange={(closedRoom) => onChange({ ...terms, closedRoom })}
                    />
                )}
                {terms.closedRoom && (
                    <Tick
                        label={t('terms.handbook')}
                        value={terms.handbook}
                        onChange={(handbook) => onChange({ ...terms, handbook })}
                    />
                )}
            </div>
        </div>
    );
}

function Tick(props: { label: string; value: boolean; onChange: (value: boolean) => void }) {
    return (
        <label className="flex items-baseline gap-2 py-0.5">
            <input
                type="checkbox"
                checked={props.value}
                onChange={({ target }) => props.onChange(target.checked)}
            />
            {props.label}
        </label>
    );
}
