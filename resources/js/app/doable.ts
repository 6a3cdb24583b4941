/** What can be done on the page as it stands: its buttons, tabs and links, by the words a reader has for them. */
export interface Doable {
    name: string;
    /** The key that does it, where there is one. */
    shortcut: string;
    run: () => void;
}

const SOUGHT =
    'header :is(button, a[href]), main :is(button, a[href], [role=tab]), footer :is(button, a[href])';

export function doable(): Doable[] {
    const found = [...document.querySelectorAll<HTMLElement>(SOUGHT)]
        .filter((one) => !one.matches(':disabled, :disabled *') && one.offsetParent !== null)
        .map((one): Doable => ({ name: named(one), shortcut: keyOf(one), run: () => runs(one) }))
        .filter(({ name }) => name !== '');
    return found.filter(({ name }, position) => found.findIndex((other) => other.name === name) === position);
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
    copy.querySelectorAll('kbd, [aria-hidden=true]').forEach((one) => one.remove());
    return [...copy.childNodes]
        .map(({ textContent }) => textContent?.trim() ?? '')
        .filter((one) => one !== '')
        .join(' · ');
}

function keyOf(element: HTMLElement): string {
    return element.querySelector('kbd')?.textContent ?? '';
}
