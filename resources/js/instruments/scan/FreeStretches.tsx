import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { typedNumber } from '../../words/number';
import { t } from '../../words/words';

export type Stretch = NonNullable<Extract<Action, { do: 'road-test' }>['stretches']>[number];

/** As it is typed, until it is driven. */
export interface Typed {
    kilometresPerHour: string;
    ground: Stretch['ground'];
    seconds: string;
}

const GROUNDS: Stretch['ground'][] = ['straight', 'left-bend', 'right-bend', 'bumps'];
const MOST = 8;
export const FIRST: Typed = { kilometresPerHour: '30', ground: 'straight', seconds: '20' };

/** The stretches of a free drive, one after the other; the car stops between them. */
export function FreeStretches({ stretches, errors, onChange }: Props) {
    const change = (index: number, part: Partial<Typed>) =>
        onChange(stretches.map((one, at) => (at === index ? { ...one, ...part } : one)));
    return (
        <div className="flex flex-col gap-1.5" role="group" aria-label={t('free.title')}>
            {stretches.map((one, index) => (
                <div key={index} className="grid grid-cols-[1fr_1.4fr_1fr_auto] items-end gap-1.5">
                    <TextField
                        onSlate
                        label={t('bay.kmh')}
                        inputMode="decimal"
                        value={one.kilometresPerHour}
                        error={errors[`stretches.${index}.kilometresPerHour`]}
                        onChange={(event) => change(index, { kilometresPerHour: event.target.value })}
                    />
                    <SelectField
                        onSlate
                        label={t('free.ground')}
                        value={one.ground}
                        onChange={(event) =>
                            change(index, { ground: event.target.value as Stretch['ground'] })
                        }
                        options={GROUNDS.map((value) => ({ value, label: t(`ground.${value}`) }))}
                    />
                    <TextField
                        onSlate
                        label={t('free.seconds')}
                        inputMode="decimal"
                        value={one.seconds}
                        error={errors[`stretches.${index}.seconds`]}
                        onChange={(event) => change(index, { seconds: event.target.value })}
                    />
                    <Button
                        kind="slate-line"
                        aria-label={t('free.remove', { number: index + 1 })}
                        disabled={stretches.length === 1}
                        className="px-2!"
                        onClick={() => onChange(stretches.filter((_, at) => at !== index))}
                    >
                        −
                    </Button>
                </div>
            ))}
            {stretches.length < MOST && (
                <Button kind="slate-line" onClick={() => onChange([...stretches, stretches.at(-1) ?? FIRST])}>
                    {t('free.add')}
                </Button>
            )}
        </div>
    );
}

interface Props {
    stretches: Typed[];
    errors: Record<string, string>;
    onChange: (stretches: Typed[]) => void;
}

/** As numbers; what is none is left to the server to object to. */
export function parsed(stretches: Typed[]): Stretch[] {
    const number = (text: string) => typedNumber(text) ?? 0;
    return stretches.map(({ kilometresPerHour, ground, seconds }) => ({
        kilometresPerHour: number(kilometresPerHour),
        ground,
        seconds: number(seconds),
    }));
}
