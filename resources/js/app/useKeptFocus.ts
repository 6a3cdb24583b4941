import { useLayoutEffect, useRef } from 'react';

/**
 * The focus stays where it is while something is under way: what is greyed meanwhile loses it, and gets it back. Where it was
 * drawn anew, what stands there under the same name has it.
 */
export function useKeptFocus(busy: boolean): void {
    const left = useRef<{ element: HTMLElement; name: string } | null>(null);
    useLayoutEffect(() => {
        const focused = document.activeElement;
        if (busy && focused instanceof HTMLElement && focused !== document.body) {
            left.current = { element: focused, name: nameOf(focused) };
        }
        if (busy || left.current === null) return;
        const { element, name } = left.current;
        left.current = null;
        if (focused !== null && focused !== document.body) return;
        const same = element.isConnected
            ? element
            : [...document.querySelectorAll<HTMLElement>('main button')].find((one) => nameOf(one) === name);
        same?.focus();
    }, [busy]);
}

function nameOf(element: HTMLElement): string {
    return element.getAttribute('aria-label') ?? element.textContent ?? '';
}
