import { useMemo } from 'react';
import type { LabReadings } from '../api/types';
import { ScopeScreen } from '../instruments/scope/ScopeScreen';
import { t } from '../words/words';
import { inUnits } from '../words/prefixed';

const SIZE = { width: 584, height: 160 };
const MIDDLE_OF = 100;
/** How much of the height the larger of the two traces takes up. */
const FILLED = 0.9;
const NO_CURSORS: [] = [];

interface Props {
    name: string;
    readings: LabReadings;
    swing: number;
}

/** The trace round its own middle, at a scale both settings share. */
export function LabTrace({ name, readings: { volts, secondsPerSample }, swing }: Props) {
    const middle = (Math.max(...volts) + Math.min(...volts)) / 2;
    const perStep = swing > 0 ? swing / (FILLED * MIDDLE_OF) : 1;
    const traces = useMemo(
        () => [
            {
                steps: volts.map((one) => (one - middle) / perStep),
                secondsPerSample,
                voltsPerStep: perStep,
            },
        ],
        [volts, middle, perStep, secondsPerSample],
    );
    return (
        <figure>
            <ScopeScreen
                traces={traces}
                cursors={NO_CURSORS}
                running={false}
                size={SIZE}
                middle={middle}
                label={t('lab.trace', { name })}
            />
            <figcaption className="tabular flex justify-between text-small text-slate-soft">
                <span>{t('lab.per-division', { volts: inUnits(perStep * 25, 'V') })}</span>
                <span>{t('lab.middle', { volts: inUnits(middle, 'V') })}</span>
                <span>{t('lab.across', { time: inUnits(secondsPerSample * volts.length, 's') })}</span>
            </figcaption>
        </figure>
    );
}
