import type { Attempt } from '../../api/types';
import { stepsOf, type StepOf } from '../../words/card';

const KINDS = [
    'test-actuator',
    'try-pedal',
    'brake-on-rollers',
    'stop-on-closed-ground',
    'record-stop',
    'pull-away',
    'drive-freely',
] as const;

export type Tried = StepOf<(typeof KINDS)[number]>;

/** The latest test of the brakes that showed something. */
export function lastTried({ steps }: Attempt): Tried | undefined {
    return KINDS.flatMap((kind) => stepsOf(steps, kind) as Tried[])
        .filter((step) => step.observation.refusal === '')
        .sort((one, other) => other.number - one.number)[0];
}
