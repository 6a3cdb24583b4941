/** Whether this person has been shown the bay on this device. */
const PLACE = 'lernfall.shown-the-bay.';

export function wasShownTheBay(signIn: string): boolean {
    return localStorage.getItem(PLACE + signIn) !== null;
}

export function noteShownTheBay(signIn: string): void {
    localStorage.setItem(PLACE + signIn, '1');
}

export function showTheBayAgain(signIn: string): void {
    localStorage.removeItem(PLACE + signIn);
}
