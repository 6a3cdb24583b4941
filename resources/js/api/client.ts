import createClient, { type Middleware } from 'openapi-fetch';
import { t } from '../words/words';
import type { Problem } from './types';
import type { paths } from './schema';

/** What the server said no to: a sentence, and sentences beside fields. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string>,
        readonly body: unknown,
    ) {
        super(message);
    }

    get isSignedOut(): boolean {
        return this.status === 401;
    }

    /** Too fast, or busy: it is worth sending again. */
    get passesByItself(): boolean {
        return this.status === 429 || this.status === 503;
    }
}

/** The server gave no answer: whatever was sent has not been stored, as far as anybody knows. */
export class Unanswered extends Error {
    constructor() {
        super(t('error.no-answer'));
    }
}

/** Somebody asked who is not signed in any more: the page they are on asks them to sign in over it. */
export const SIGNED_OUT = 'lernfall:signed-out';

const asking: Middleware = {
    onRequest({ request }) {
        request.headers.set('Accept', 'application/json');
        return request;
    },
};

export const api = createClient<paths>({ baseUrl: '/', credentials: 'same-origin' });
api.use(asking);

/** The data of an answer, or the refusal as an error. */
export async function taken<T>(
    answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
    const { data, error, response } = await answer.catch(() => {
        throw new Unanswered();
    });
    if (response.ok) return data as T;
    if (response.status === 401) window.dispatchEvent(new Event(SIGNED_OUT));
    const problem = (error ?? {}) as Partial<Problem>;
    const fields = Object.fromEntries(
        Object.entries(problem.errors ?? {}).map(([field, texts]) => [field, texts[0] ?? '']),
    );
    // of a fault of its own the server says nothing a reader could use
    const message = response.status === 500 ? t('error.unexpected') : problem.message;
    throw new Refused(response.status, message ?? t('error.unexpected'), fields, error);
}
