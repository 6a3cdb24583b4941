import { api, Refused, taken } from '../api/client';
import type { Answer, Held, Step } from '../api/types';
import type { Pending } from './pending';

const RETRY_MILLISECONDS = 3000;

/** So often is an answer come back for before the action is sent once more. */
const MOST_VISITS = 40;

export type StepAnswer = Omit<Answer, 'step'> & { step: Step };

/**
 * Sends an action until the server has answered; the same key makes a repetition harmless.
 *
 * @param onWaiting - hears the server's words while it waits, or null where there is no connection
 */
export async function deliver(
    attempt: number,
    pending: Pending,
    onWaiting: (message: string | null) => void,
): Promise<StepAnswer> {
    for (;;) {
        try {
            const path = { attempt };
            // the description gives actions by reference, which the generated body type cannot narrow
            const body = pending as never;
            const answer = await taken(
                api.POST('/api/attempts/{attempt}/actions', { params: { path }, body }),
            );
            const whole = isHeld(answer) ? await comeBack(attempt, pending.key, answer) : answer;
            if (whole !== null) return whole as StepAnswer;
        } catch (error) {
            if (error instanceof Refused && !error.passesByItself) throw error;
            onWaiting(error instanceof Refused ? error.message : null);
            await wait(RETRY_MILLISECONDS);
        }
    }
}

/** The answer that was held back; null where it does not come. */
async function comeBack(attempt: number, key: string, held: Held): Promise<Answer | null> {
    for (let visit = 0; visit < MOST_VISITS; visit++) {
        await wait(held.heldMilliseconds);
        const path = { attempt, key };
        const answer = await taken(api.GET('/api/attempts/{attempt}/actions/{key}', { params: { path } }));
        if (!isHeld(answer)) return answer;
    }
    return null;
}

function isHeld(answer: Answer | Held): answer is Held {
    return 'heldMilliseconds' in answer;
}

function wait(milliseconds: number): Promise<void> {
    return new Promise((resolve) => setTimeout(resolve, milliseconds));
}
