/** What this person has been told of already, kept on this device: "job:3", "report:7". */
const PLACE = 'lernfall.told.';

export function wasTold(signIn: string, what: string): boolean {
    return told(signIn).has(what);
}

export function noteTold(signIn: string, what: string[]): void {
    localStorage.setItem(PLACE + signIn, JSON.stringify([...new Set([...told(signIn), ...what])]));
}

function told(signIn: string): Set<unknown> {
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(PLACE + signIn) ?? '[]');
        return new Set(Array.isArray(kept) ? kept : []);
    } catch {
        return new Set();
    }
}
