import { useEffect } from 'react';

/** What the window and its tab are called. */
export function nameWindow(title: string): void {
    document.title = title === '' ? 'Lernfall' : `${title} · Lernfall`;
}

export function useTitle(title: string): void {
    useEffect(() => nameWindow(title), [title]);
}
