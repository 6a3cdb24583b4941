/** Whether single letters run actions: who uses speech, or rests a hand on the keys, switches them off on this device. */
const PLACE = 'lernfall.letters-are-off';

export function lettersRun(): boolean {
    return localStorage.getItem(PLACE) === null;
}

export function letLettersRun(run: boolean): void {
    if (run) localStorage.removeItem(PLACE);
    else localStorage.setItem(PLACE, '1');
}
