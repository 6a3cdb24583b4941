import type { Action } from '../api/types';

/** An action on its way: kept in the browser until the server has answered, so that nothing is lost and nothing doubled. */
export interface Pending {
    key: string;
    number: number;
    action: Action;
}

const place = (attempt: number) => `lernfall.pending.${attempt}`;

export function keep(attempt: number, pending: Pending): void {
    localStorage.setItem(place(attempt), JSON.stringify(pending));
}

export function kept(attempt: number): Pending | null {
    const text = localStorage.getItem(place(attempt));
    return text === null ? null : (JSON.parse(text) as Pending);
}

export function settle(attempt: number): void {
    localStorage.removeItem(place(attempt));
}

/** A random key (RFC 9562, version 4); crypto.randomUUID is missing on plain http. */
export function freshKey(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6]! & 0x0f) | 0x40;
    bytes[8] = (bytes[8]! & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
