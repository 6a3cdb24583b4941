import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refused, taken } from '../api/client';
import type { Action, Attempt, News, Step } from '../api/types';
import { useSignInAgain } from '../app/session';
import { t } from '../words/words';
import { deliver, type StepAnswer } from './deliver';
import { dropAll, freshKey, keep, kept, settle, type Pending } from './pending';

/** So often, where two work one job, an action is sent again because the other one's came before it. */
const BESIDE_THE_OTHER = 5;

export interface Bay {
    /** Does an action; gives the step, or null where the attempt had moved on; actions wait for those before them. Throws Refused with the fields that are wrong. */
    act: (action: Action) => Promise<Step | null>;
}

/** Does an action and shows what it said; the messages of wrong fields go to whoever has the fields. */
export type DoAction = (
    action: Action,
    onFields?: (messages: Record<string, string>) => void,
) => Promise<void>;

/** An attempt and the one way to act on it. */
export function useBay(id: number) {
    const queries = useQueryClient();
    const query = useQuery({
        queryKey: ['attempt', id],
        queryFn: () =>
            taken(
                api.GET('/api/attempts/{attempt}', { params: { path: { attempt: id } } }),
            ) as Promise<Attempt>,
    });
    const signInAgain = useSignInAgain();
    const [underWay, setUnderWay] = useState(0);
    const [notice, setNotice] = useState('');
    const line = useRef<Promise<unknown>>(Promise.resolve());

    const send = useCallback(
        async (first: Pending): Promise<Step | null> => {
            let pending = first;
            for (let tries = BESIDE_THE_OTHER; ; tries--) {
                setNotice('');
                try {
                    const answer = await deliver(id, pending, (message) =>
                        setNotice(message ?? t('error.offline')),
                    );
                    settle(id, pending.key);
                    setNotice('');
                    queries.setQueryData<Attempt>(
                        ['attempt', id],
                        (before) => before && advanced(before, answer),
                    );
                    return answer.step;
                } catch (error) {
                    if (!(error instanceof Refused)) throw error;
                    if (error.isSignedOut) {
                        signInAgain(); // what was kept is sent when this page opens again
                        return null;
                    }
                    settle(id, pending.key);
                    const moved =
                        (error.status === 409 && (error.body as { attempt?: Attempt }).attempt) || null;
                    const isOfTwo = queries.getQueryData<News>(['news', id])?.pair?.joined === true;
                    if (moved !== null && isOfTwo && tries > 0) {
                        queries.setQueryData(['attempt', id], moved); // the other one was quicker: this comes after it
                        pending = { ...pending, number: moved.steps.length + 1 };
                        keep(id, pending);
                        continue;
                    }
                    if (dropAll(id)) setNotice(t('error.not-done-after'));
                    if (moved === null) throw error;
                    queries.setQueryData(['attempt', id], moved);
                    setNotice(error.message);
                    return null;
                }
            }
        },
        [id, queries, signInAgain],
    );

    /** Sends it once those before it are answered, unless one of them was refused. */
    const inTurn = useCallback(
        (pending: Pending): Promise<Step | null> => {
            const turn = line.current.then(async () => {
                const stillWanted = kept(id).some(({ key }) => key === pending.key);
                return stillWanted ? send(pending) : null;
            });
            setUnderWay((count) => count + 1);
            line.current = turn.catch(() => undefined).finally(() => setUnderWay((count) => count - 1));
            return turn;
        },
        [id, send],
    );

    const act = useCallback(
        async (action: Action): Promise<Step | null> => {
            const attempt = queries.getQueryData<Attempt>(['attempt', id]);
            if (attempt === undefined) return null;
            const waiting = kept(id);
            if (isSame(waiting.at(-1)?.action, action)) return null; // pressed twice
            const pending = { key: freshKey(), number: attempt.steps.length + waiting.length + 1, action };
            keep(id, pending);
            return inTurn(pending);
        },
        [id, queries, inTurn],
    );

    const loaded = query.data !== undefined;
    useEffect(() => {
        // actions from before a sign-out or a closed lid; a refusal of them was already shown or is of no use now
        if (loaded) kept(id).forEach((left) => void inTurn(left).catch(() => undefined));
        // only when the page opens: later actions look after themselves
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [loaded, id]);

    const busy = underWay > 0;
    return { query, busy, notice, dismiss: () => setNotice(''), act };
}

function advanced(before: Attempt, answer: StepAnswer): Attempt {
    const known = before.steps.some((step) => step.number === answer.step.number);
    return {
        ...before,
        state: answer.state,
        dataSheet: answer.dataSheet,
        room: answer.room,
        steps: known ? before.steps : [...before.steps, answer.step],
    };
}

function isSame(one: Action | undefined, other: Action): boolean {
    return JSON.stringify(one) === JSON.stringify(other);
}
