import type { Observation, ShownNumber, ShownTrace } from '../api/types';

type Shown = Observation['values'][string];

export function isNumber(shown: Shown | undefined): shown is ShownNumber {
    return typeof shown === 'object' && 'si' in shown;
}

export function isTrace(shown: Shown | undefined): shown is ShownTrace {
    return typeof shown === 'object' && 'steps' in shown;
}
