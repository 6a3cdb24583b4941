import { useCallback, useEffect, useRef, useState } from 'react';
import { api, Refused, taken } from '../api/client';
import type { CaseFields } from '../api/types';
import { t } from '../words/words';

/** After the last key, and after a try that failed. */
const QUIET_MS = 800;
const AGAIN_MS = 3000;

/** One is laid after the other: none comes in after the case was kept, and whoever comes back finds the last one. */
let laying: Promise<void> = Promise.resolve();

/** What lies on the bench of a case, or of a new one; null where nothing does. */
export async function laidSheet(id: number | undefined): Promise<CaseFields | null> {
    await laying;
    const { fields } =
        id === undefined
            ? await taken(api.GET('/api/new-case/sheet'))
            : await taken(api.GET('/api/cases/{case}/sheet', { params: { path: { case: id } } }));
    return fields;
}

export function clearSheet(id: number | undefined) {
    return id === undefined
        ? taken(api.DELETE('/api/new-case/sheet'))
        : taken(api.DELETE('/api/cases/{case}/sheet', { params: { path: { case: id } } }));
}

function lay(id: number | undefined, fields: CaseFields) {
    return id === undefined
        ? taken(api.PUT('/api/new-case/sheet', { body: { fields } }))
        : taken(api.PUT('/api/cases/{case}/sheet', { params: { path: { case: id } }, body: { fields } }));
}

/**
 * Lays what is on the bench on the server as it is written, so that it outlives leaving, signing out and a server that went
 * away. Until it lies there, leaving the page asks.
 */
export function useSheet(id: number | undefined, fields: CaseFields, unkept: boolean) {
    const [laid, setLaid] = useState(fields);
    const [failure, setFailure] = useState<{ message: string } | null>(null);
    const waits = unkept && laid !== fields;
    const waiting = useRef<CaseFields | null>(null);

    /** Lays what has not been laid yet: before it is kept as a case, which takes the sheet away. */
    const settle = useCallback(() => {
        const one = async () => {
            const next = waiting.current;
            if (next === null) return;
            waiting.current = null;
            try {
                await lay(id, next);
                setLaid(next);
                setFailure(null);
            } catch (error) {
                setFailure({ message: error instanceof Refused ? error.message : t('bench.server-away') });
            }
        };
        laying = laying.then(one);
        return laying;
    }, [id]);

    useEffect(() => {
        waiting.current = waits ? fields : null;
        if (!waits) return;
        const timer = setTimeout(() => void settle(), failure === null ? QUIET_MS : AGAIN_MS);
        return () => clearTimeout(timer);
    }, [settle, fields, waits, failure]);

    useEffect(() => {
        if (!waits) return;
        const ask = (event: BeforeUnloadEvent) => event.preventDefault();
        window.addEventListener('beforeunload', ask);
        return () => window.removeEventListener('beforeunload', ask);
    }, [waits]);

    useEffect(() => () => void settle(), [settle]); // left for another page of ours

    const isAway = failure !== null && waits;
    return {
        settle,
        note: isAway
            ? `${failure.message} ${t('bench.tries-again')}`
            : waits || !unkept
              ? ''
              : t('bench.lies-safe'),
    };
}
