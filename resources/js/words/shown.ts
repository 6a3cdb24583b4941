import type { Observation, ShownNumber, ShownSeries, ShownTrace } from '../api/types';

type Shown = Observation['values'][string];

export function isNumber(shown: Shown | undefined): shown is ShownNumber {
    return typeof shown === 'object' && 'si' in shown;
}

export function isTrace(shown: Shown | undefined): shown is ShownTrace {
    return typeof shown === 'object' && 'voltsPerStep' in shown;
}

export function isSeries(shown: Shown | undefined): shown is ShownSeries {
    return typeof shown === 'object' && 'steps' in shown && 'unit' in shown;
}
