import type { Policy } from '../api/types';

/** The criteria that count, with their points. */
export function weighed(policy: Policy): [string, number][] {
    return Object.entries(policy.weights).filter(([, points]) => points > 0);
}
