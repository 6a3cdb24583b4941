import type { Rules } from '../api/types';

/** The criteria that count, with their points. */
export function weighed(rules: Rules): [string, number][] {
    return Object.entries(rules.weights).filter(([, points]) => points > 0);
}
