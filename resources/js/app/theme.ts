import type { User } from '../api/types';

const asked = window.matchMedia('(prefers-color-scheme: dark)');
let chosen: User['theme'] = '';

/** Pages light or dark as this person wants them; empty: as the browser asks for it, also when it changes its mind. */
export function lightAs(theme: User['theme']): void {
    chosen = theme;
    document.documentElement.classList.toggle('dark', chosen === 'dark' || (chosen === '' && asked.matches));
}

asked.addEventListener('change', () => lightAs(chosen));
