import type { Action } from '../api/types';

/** An action on its way: kept in the browser until the server has answered, so that nothing is lost and nothing doubled. */
export interface Pending {
    key: string;
    number: number;
    action: Action;
}

const place = (attempt: number) => `lernfall.waiting.${attempt}`;

/** The actions the server has not answered yet, in the order they were done. */
export function kept(attempt: number): Pending[] {
    const text = localStorage.getItem(place(attempt));
    return text === null ? [] : (JSON.parse(text) as Pending[]);
}

export function keep(attempt: number, pending: Pending): void {
    store(attempt, [...kept(attempt), pending]);
}

/** Answered: it need not be sent again. */
export function settle(attempt: number, key: string): void {
    store(
        attempt,
        kept(attempt).filter((pending) => pending.key !== key),
    );
}

/** What was to follow an action that was refused is not done either; says whether there was any. */
export function dropAll(attempt: number): boolean {
    const any = kept(attempt).length > 0;
    store(attempt, []);
    return any;
}

function store(attempt: number, pending: Pending[]): void {
    if (pending.length === 0) localStorage.removeItem(place(attempt));
    else localStorage.setItem(place(attempt), JSON.stringify(pending));
}

/** A random key (RFC 9562, version 4); crypto.randomUUID is missing on plain http. */
export function freshKey(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6]! & 0x0f) | 0x40;
    bytes[8] = (bytes[8]! & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
