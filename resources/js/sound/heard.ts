import type { Step } from '../api/types';
import type { Sound } from './sounds';

/** By what a step says is heard. What it does not say is not sounded: a valve nobody heard makes no click. */
const HEARD: Record<string, Sound> = {
    'relay-clicks': 'click',
    'valve-clicks': 'click',
    'pump-runs': 'pump',
    'pump-runs-on': 'pump-on',
    'unit-runs-on': 'pump-on',
    'unit-heard': 'unit',
    'unit-heard-once': 'self-test',
};

/** What of a step can be heard, in the order it is: a relay clicks before its motor runs; of a drive only the unit itself, after its test. */
export function heard({ observation }: Step): Sound[] {
    const all = Object.values(observation.values).flatMap((value) =>
        typeof value === 'string' ? (HEARD[value] ?? []) : [],
    );
    return [
        ...(all.includes('click') ? (['click'] as const) : []),
        ...all.filter((one) => one !== 'click').slice(-1),
    ];
}
