import type { Action, Attempt, ShownNumber } from '../../api/types';
import { displayed } from '../../words/quantities';
import { t } from '../../words/words';
import { rangeName } from './MeterDisplay';

export interface Modes {
    /** Of the range held by hand; null lets the meter choose. */
    fullScale: number | null;
    relativeTo: number;
    records: boolean;
}

interface Props {
    meter: Attempt['meter'];
    chosen: Extract<Action, { do: 'measure' }>['function'];
    modes: Modes;
    /** The last reading of this function, which a relative reading can start from. */
    last: ShownNumber | null;
    held: boolean;
    onChange: (modes: Modes) => void;
    onHold: () => void;
}

/** Range by hand, relative, least and greatest, hold. */
export function MeterModes({ meter, chosen, modes, last, held, onChange, onHold }: Props) {
    const ranges = meter.ranges[chosen] ?? [];
    return (
        <div className="flex flex-wrap items-center gap-1.5 text-small">
            <label className="flex items-center gap-1.5 text-slate-soft">
                {t('meter-mode.range')}
                <select
                    value={modes.fullScale ?? ''}
                    onChange={(event) =>
                        onChange({
                            ...modes,
                            fullScale: event.target.value === '' ? null : Number(event.target.value),
                        })
                    }
                    className="rounded-edge border border-slate-edge bg-slate-raised px-1 py-0.5 text-slate-text"
                >
                    <option value="">{t('meter-mode.auto')}</option>
                    {ranges.map(({ fullScale }) => (
                        <option key={fullScale} value={fullScale}>
                            {rangeName(meter, chosen, fullScale)}
                        </option>
                    ))}
                </select>
            </label>
            <Toggle
                pressed={modes.relativeTo !== 0}
                disabled={last === null && modes.relativeTo === 0}
                onPress={() =>
                    onChange({ ...modes, relativeTo: modes.relativeTo === 0 ? (last?.si ?? 0) : 0 })
                }
            >
                {modes.relativeTo !== 0 && last !== null
                    ? t('meter-mode.relative-off', {
                          value: displayed({ ...last, si: modes.relativeTo }),
                      })
                    : t('meter-mode.relative')}
            </Toggle>
            <Toggle pressed={modes.records} onPress={() => onChange({ ...modes, records: !modes.records })}>
                {t('meter-mode.record')}
            </Toggle>
            <Toggle pressed={held} onPress={onHold}>
                {t('meter-mode.hold')}
            </Toggle>
        </div>
    );
}

interface ToggleProps {
    pressed: boolean;
    disabled?: boolean;
    onPress: () => void;
    children: React.ReactNode;
}

function Toggle({ pressed, disabled, onPress, children }: ToggleProps) {
    return (
        <button
            type="button"
            aria-pressed={pressed}
            disabled={disabled}
            onClick={onPress}
            className={`rounded-edge border px-1.5 py-0.5 disabled:opacity-50 ${pressed ? 'border-reading bg-reading font-semibold text-ink' : 'border-slate-edge bg-slate-raised'}`}
        >
            {children}
        </button>
    );
}
