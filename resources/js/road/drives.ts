import type { Step } from '../api/types';

const DRIVES = ['stop-on-closed-ground', 'record-stop', 'pull-away', 'drive-freely'];

/** Whether a step was a drive on closed ground that took place. */
export function isDrive({ action, observation }: Pick<Step, 'action' | 'observation'>): boolean {
    return DRIVES.includes(action.do) && observation.refusal === '' && observation.kind !== 'no-answer';
}
