import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refused, taken } from '../api/client';
import type { Action, Attempt, Step } from '../api/types';
import { useSignInAgain } from '../app/session';
import { t } from '../words/words';
import { deliver, type StepAnswer } from './deliver';
import { freshKey, keep, kept, settle, type Pending } from './pending';

export interface Bay {
    /** Does an action; gives the step, or null where the attempt had moved on. Throws Refused with the fields that are wrong. */
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
    const [busy, setBusy] = useState(false);
    const [notice, setNotice] = useState('');
    const inFlight = useRef(false);

    const send = useCallback(
        async (pending: Pending): Promise<Step | null> => {
            inFlight.current = true;
            setBusy(true);
            setNotice('');
            try {
                const answer = await deliver(id, pending, () => setNotice(t('error.offline')));
                settle(id);
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
                settle(id);
                if (error.status !== 409) throw error;
                queries.setQueryData(['attempt', id], (error.body as { attempt: Attempt }).attempt);
                setNotice(error.message);
                return null;
            } finally {
                inFlight.current = false;
                setBusy(false);
            }
        },
        [id, queries, signInAgain],
    );

    const act = useCallback(
        async (action: Action): Promise<Step | null> => {
            const attempt = queries.getQueryData<Attempt>(['attempt', id]);
            if (attempt === undefined || inFlight.current) return null;
            const pending = { key: freshKey(), number: attempt.steps.length + 1, action };
            keep(id, pending);
            return send(pending);
        },
        [id, queries, send],
    );

    const loaded = query.data !== undefined;
    useEffect(() => {
        const left = loaded ? kept(id) : null;
        // an action from before a sign-out or a closed lid; a refusal of it was already shown or is of no use now
        if (left !== null && !inFlight.current) void send(left).catch(() => undefined);
        // only when the page opens: later actions look after themselves
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [loaded, id]);

    return { query, busy, notice, dismiss: () => setNotice(''), act };
}

function advanced(before: Attempt, answer: StepAnswer): Attempt {
    const known = before.steps.some((step) => step.number === answer.step.number);
    return {
        ...before,
        state: answer.state,
        dataSheet: answer.dataSheet,
        steps: known ? before.steps : [...before.steps, answer.step],
    };
}
