import type { Step } from '../api/types';
import type { Sound } from './sounds';

/** By what a step says is heard. What it does not say is not sounded: a valve nobody heard makes no click. */
const HEARD: Record<string, Sound> = {
    'pump-runs': 'pump',
    'pump-runs-on': 'pump-on',
    'unit-runs-on': 'pump-on',
    'unit-heard': 'unit',
    'unit-heard-once': 'self-test',
};

/** What of a step can be heard; of several things the last, as on a drive the unit itself after its test. */
export function heard({ observation }: Step): Sound | undefined {
    return Object.values(observation.values)
        .flatMap((value) => (typeof value === 'string' ? (HEARD[value] ?? []) : []))
        .at(-1);
}
