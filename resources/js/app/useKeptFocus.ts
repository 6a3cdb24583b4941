import { useLayoutEffect, useRef } from 'react';

const TAKES_FOCUS =
    'button:not(:disabled), a[href], input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

interface Left {
    element: HTMLElement;
    name: string;
    /** What it stood in, the nearest first. */
    within: Element[];
}

/**
 * The focus stays where it is while something is under way: what is greyed meanwhile loses it, and gets it back. Where it was
 * drawn anew, what stands there under the same name has it; where it is gone or can be done no more, what is nearest to it.
 */
export function useKeptFocus(busy: boolean): void {
    const left = useRef<Left | null>(null);
    useLayoutEffect(() => {
        const focused = document.activeElement;
        if (busy && focused instanceof HTMLElement && focused !== document.body) {
            left.current = { element: focused, name: nameOf(focused), within: ancestors(focused) };
        }
        if (busy || left.current === null) return;
        const { element, name, within } = left.current;
        left.current = null;
        if (!isLost()) return;
        const same = element.isConnected
            ? element
            : [...document.querySelectorAll<HTMLElement>('main button')].find((one) => nameOf(one) === name);
        same?.focus();
        if (isLost()) nearest(within)?.focus();
    }, [busy]);
}

function isLost(): boolean {
    return document.activeElement === null || document.activeElement === document.body;
}

function ancestors(element: Element): Element[] {
    const { parentElement } = element;
    return parentElement === null ? [] : [parentElement, ...ancestors(parentElement)];
}

function nearest(within: Element[]): HTMLElement | undefined {
    for (const one of within.filter(({ isConnected }) => isConnected)) {
        const there = [...one.querySelectorAll<HTMLElement>(TAKES_FOCUS)];
        const seen = there.find((one) => one.checkVisibility());
        if (seen !== undefined) return seen;
    }
    return undefined;
}

function nameOf(element: HTMLElement): string {
    return element.getAttribute('aria-label') ?? element.textContent ?? '';
}
