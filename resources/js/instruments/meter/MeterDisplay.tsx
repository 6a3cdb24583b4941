import type { Attempt, ShownNumber } from '../../api/types';
import { display, displayed, THIN_SPACE } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { BigReading } from '../BigReading';
import type { lastOf } from '../../words/card';
import { digits } from '../../words/reader';

type Reading = NonNullable<ReturnType<typeof lastOf<'measure'>>>;

interface Props {
    step?: Reading;
    meter: Attempt['meter'];
    held: ShownNumber | null;
}

/** What the meter shows: the last reading large, what it has kept beside it, how it was set. */
export function MeterDisplay({ step, meter, held }: Props) {
    return (
        <BigReading
            label={t('bay.last')}
            shown={step?.observation.values.reading}
            step={step}
            settings={step === undefined ? '' : settings(step, meter).join(', ')}
        >
            {step !== undefined &&
                kept(step, held).map(([name, value]) => (
                    <p key={name} className="tabular flex justify-between text-small">
                        <span className="text-slate-soft">{name}</span>
                        <span className="text-reading">{value}</span>
                    </p>
                ))}
            {step?.observation.notes.map((note) => (
                <p key={note} className="mt-1 border-l-4 border-amber pl-2 text-small">
                    {t(`note.${note}`)}
                </p>
            ))}
        </BigReading>
    );
}

function settings({ action, observation }: Reading, meter: Attempt['meter']): string[] {
    const beep = observation.values.beep;
    return [
        t(`meter.${action.function}`),
        action.fullScale === undefined
            ? t('bay.auto')
            : `${t('meter-mode.range')} ${rangeName(meter, action.function, action.fullScale)}`,
        ...(action.function === 'volts-ac'
            ? [t(meter.averages ? 'meter-mode.averaging' : 'meter-mode.true-rms')]
            : []),
        ...(action.relativeTo ? [t('meter-mode.as-relative')] : []),
        ...(typeof beep === 'string' ? [t(`meter-mode.beep-${beep}`)] : []),
    ];
}

function kept({ observation }: Reading, held: ShownNumber | null): [string, string][] {
    const extremes = (['least', 'greatest'] as const).flatMap((name): [string, string][] => {
        const value = observation.values[name];
        return isNumber(value) ? [[t(`meter-mode.${name}`), displayed(value)]] : [];
    });
    return [
        ...extremes,
        ...(held === null ? [] : [[t('meter-mode.held'), displayed(held)] as [string, string]]),
    ];
}

const UNITS: Record<Reading['action']['function'], ShownNumber['unit']> = {
    ohms: 'ohms',
    continuity: 'ohms',
    'volts-dc': 'volts',
    'volts-ac': 'volts',
    milliamperes: 'amperes',
    hertz: 'hertz',
};

const RANGE_DIGITS = 6;

/** A range by its full scale, with the unit its display shows there. */
export function rangeName(
    meter: Attempt['meter'],
    name: Reading['action']['function'],
    fullScale: number,
): string {
    const range = meter.ranges[name]?.find((one) => one.fullScale === fullScale);
    const { value, unit } = display({
        unit: UNITS[name],
        si: fullScale,
        resolution: range?.resolution ?? 1,
        overload: false,
    });
    return `${digits(value, RANGE_DIGITS)}${THIN_SPACE}${unit}`;
}
