import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { typedNumber } from '../../words/number';
import { t } from '../../words/words';

export type FreePart = Extract<Action, { do: 'drive-freely' }>['parts'][number];

/** As it is typed, until it is driven. */
export type TypedPart = Omit<FreePart, 'seconds'> & { seconds: string };

const FEET: FreePart['foot'][] = ['throttle', 'off', 'brake-gently', 'brake-hard'];
const STEERINGS: FreePart['steering'][] = ['straight', 'left', 'right'];
const MOST = 6;

export const FIRST_PARTS: TypedPart[] = [
    { foot: 'throttle', steering: 'straight', seconds: '3' },
    { foot: 'brake-hard', steering: 'straight', seconds: '4' },
];

interface Props {
    parts: TypedPart[];
    errors: Record<string, string>;
    onChange: (parts: TypedPart[]) => void;
}

/** The parts of a free drive, one after the other, from a standstill. */
export function FreeParts({ parts, errors, onChange }: Props) {
    const change = (index: number, part: Partial<TypedPart>) =>
        onChange(parts.map((one, at) => (at === index ? { ...one, ...part } : one)));
    return (
        <div className="flex flex-col gap-1.5" role="group" aria-label={t('free-road.title')}>
            {parts.map((one, index) => (
                <div key={index} className="grid grid-cols-[1.5fr_1.2fr_0.6fr_auto] items-end gap-1.5">
                    <SelectField
                        onSlate
                        label={t('free-road.foot', { number: index + 1 })}
                        value={one.foot}
                        onChange={({ target }) => change(index, { foot: target.value as FreePart['foot'] })}
                        options={FEET.map((value) => ({ value, label: t(`free-road.${value}`) }))}
                    />
                    <SelectField
                        onSlate
                        label={t('free-road.steering')}
                        value={one.steering}
                        onChange={({ target }) =>
                            change(index, { steering: target.value as FreePart['steering'] })
                        }
                        options={STEERINGS.map((value) => ({ value, label: t(`free-road.${value}`) }))}
                    />
                    <TextField
                        onSlate
                        label={t('free.seconds')}
                        inputMode="decimal"
                        value={one.seconds}
                        error={errors[`parts.${index}.seconds`]}
                        onChange={({ target }) => change(index, { seconds: target.value })}
                    />
                    <Button
                        kind="slate-line"
                        aria-label={t('free-road.remove', { number: index + 1 })}
                        disabled={parts.length === 1}
                        className="px-2!"
                        onClick={() => onChange(parts.filter((_, at) => at !== index))}
                    >
                        −
                    </Button>
                </div>
            ))}
            {parts.length < MOST && (
                <Button
                    kind="slate-line"
                    onClick={() =>
                        onChange([...parts, { foot: 'throttle', steering: 'straight', seconds: '2' }])
                    }
                >
                    {t('free-road.add')}
                </Button>
            )}
            {[errors.seconds, errors.stops]
                .filter((one) => one !== undefined)
                .map((one) => (
                    <p key={one} role="alert" className="text-small font-semibold">
                        {one}
                    </p>
                ))}
        </div>
    );
}

/** As numbers; what is none is left to the server to object to. */
export function planned(parts: TypedPart[]): FreePart[] {
    return parts.map((one) => ({ ...one, seconds: typedNumber(one.seconds) ?? 0 }));
}
