import createClient, { type Middleware } from 'openapi-fetch';
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
    const { data, error, response } = await answer;
    if (response.ok) return data as T;
    const problem = (error ?? {}) as Partial<Problem>;
    const fields = Object.fromEntries(
        Object.entries(problem.errors ?? {}).map(([field, texts]) => [field, texts[0] ?? '']),
    );
    throw new Refused(response.status, problem.message ?? response.statusText, fields, error);
}
