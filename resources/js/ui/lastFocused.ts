let last: HTMLElement | null = null;

/** A menu keeps the focus from the button that opens it, so what was pressed counts as well. */
function note({ target }: Event): void {
    const control = target instanceof Element ? target.closest<HTMLElement>(FOCUSABLE) : null;
    if (control !== null && control.closest('[role=dialog], [role=menu]') === null) last = control;
}

const FOCUSABLE = 'a[href], button, input, select, textarea, [tabindex]';

document.addEventListener('focusin', note);
document.addEventListener('pointerdown', note, true);

/** What had the focus last on the page itself: there a sheet laid over it gives the focus back, whatever menu it was opened from. */
export function lastFocused(): HTMLElement | null {
    return last;
}
