import type { Action, Step } from '../api/types';

export interface Stage {
    name: 'complaint' | 'verify' | 'codes' | 'look' | 'measure' | 'repair' | 'prove';
    isDone: (steps: Step[]) => boolean;
    /** What belongs to it and needs nothing to be chosen first. */
    actions: Extract<Action, { do: 'look-at-lamps' | 'look-up-data-sheet' }>[];
    /** The panels it is worked in, as they are called in the slate; or the card. */
    panels: string[];
}

function did(steps: Step[], kind: string): boolean {
    return steps.some((step) => step.action.do === kind && step.observation.refusal === '');
}

/** The order of work. */
export const STAGES: Stage[] = [
    { name: 'complaint', isDone: () => true, actions: [], panels: ['card'] },
    {
        name: 'verify',
        isDone: (steps) => did(steps, 'look-at-lamps'),
        actions: [{ do: 'look-at-lamps' }],
        panels: ['scan'],
    },
    {
        name: 'codes',
        isDone: (steps) => ['read-codes', 'watch-lamp', 'cycle-power'].some((kind) => did(steps, kind)),
        actions: [],
        panels: ['scan'],
    },
    { name: 'look', isDone: (steps) => did(steps, 'look'), actions: [], panels: ['eyes', 'hands'] },
    {
        name: 'measure',
        isDone: (steps) => did(steps, 'measure'),
        actions: [{ do: 'look-up-data-sheet' }],
        panels: ['meter', 'scope', 'clamp', 'leads'],
    },
    { name: 'repair', isDone: (steps) => did(steps, 'repair'), actions: [], panels: ['hands', 'card'] },
    {
        name: 'prove',
        isDone: (steps) =>
            steps.some(
                (step, position) =>
                    [
                        'road-test',
                        'record-drive',
                        'stop-on-closed-ground',
                        'record-stop',
                        'pull-away',
                        'drive-freely',
                    ].includes(step.action.do) &&
                    step.observation.refusal === '' &&
                    did(steps.slice(0, position), 'repair'),
            ),
        actions: [{ do: 'look-at-lamps' }],
        panels: ['scan', 'card'],
    },
];
