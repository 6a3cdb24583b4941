import { api, Refused, taken } from '../api/client';
import type { Answer, Step } from '../api/types';
import type { Pending } from './pending';

const RETRY_MILLISECONDS = 3000;

export type StepAnswer = Omit<Answer, 'step'> & { step: Step };

/** Sends an action until the server has answered; the same key makes a repetition harmless. */
export async function deliver(attempt: number, pending: Pending, onOffline: () => void): Promise<StepAnswer> {
    for (;;) {
        try {
            const path = { attempt };
            // the description gives actions by reference, which the generated body type cannot narrow
            const body = pending as never;
            return (await taken(
                api.POST('/api/attempts/{attempt}/actions', { params: { path }, body }),
            )) as StepAnswer;
        } catch (error) {
            if (error instanceof Refused) throw error;
            onOffline();
            await new Promise((resolve) => setTimeout(resolve, RETRY_MILLISECONDS));
        }
    }
}
