/** What can be done: by the words a reader has for it. */
export interface Doable {
    name: string;
    /** The key that does it, where there is one. */
    shortcut: string;
    run: () => void;
}

const SOUGHT =
    'header :is(button, a[href]), main :is(button, a[href], [role=tab]), footer :is(button, a[href])';

let elsewhere: (() => Doable[]) | null = null;

/** Also what a page can do that is not drawn at this moment; gives back how to take it away again. */
export function alsoDoable(more: () => Doable[]): () => void {
    elsewhere = more;
    return () => {
        if (elsewhere === more) elsewhere = null;
    };
}

/** Buttons, tabs and links as they stand, and what the page adds to them. */
export function doable(): Doable[] {
    const found = [
        ...controls().map((one): Doable => ({
            name: named(one),
            shortcut: keyOf(one),
            run: () => runs(one),
        })),
        ...(elsewhere?.() ?? []),
    ].filter(({ name }) => name !== '');
    return found.filter(({ name }, position) => found.findIndex((other) => other.name === name) === position);
}

/** Presses the first button in the work that has these words; false where there is none that can be pressed. */
export function pressed(words: string): boolean {
    const one = controls().find((control) => textOf(control).split(' · ')[0] === words);
    if (one !== undefined) runs(one);
    return one !== undefined;
}

function controls(): HTMLElement[] {
    return [...document.querySelectorAll<HTMLElement>(SOUGHT)].filter(
        (one) => !one.matches(':disabled, :disabled *, .sr-only') && one.offsetParent !== null,
    );
}

function runs(element: HTMLElement) {
    element.focus();
    element.click();
}

/** With the group it stands in, and without the key that is drawn beside it. */
function named(element: HTMLElement): string {
    const group = element.closest('[role=radiogroup], [role=tablist]')?.getAttribute('aria-label');
    const label = element.getAttribute('aria-label') ?? textOf(element);
    return group === null || group === undefined || label === '' ? label : `${group}: ${label}`;
}

function textOf(element: HTMLElement): string {
    const copy = element.cloneNode(true) as HTMLElement;
    copy.querySelectorAll('kbd, [aria-hidden=true], .sr-only').forEach((one) => one.remove());
    return [...copy.childNodes]
        .map(({ textContent }) => textContent?.trim() ?? '')
        .filter((one) => one !== '')
        .join(' · ');
}

function keyOf(element: HTMLElement): string {
    return element.querySelector('kbd')?.textContent ?? '';
}
