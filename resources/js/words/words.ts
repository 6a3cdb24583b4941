import { CATALOGUES, FALLBACK, LANGUAGE } from './reader';

/** What is put into a sentence, by name; "count" chooses between one and many. */
export type Values = Record<string, unknown>;

export type Say = (key: string, values?: Values) => string;

let say: Say = atTheDoor;

/** A sentence by its key. */
export function t(key: string, values?: Values): string {
    return say(key, values);
}

/** The few sentences before anybody is signed in need nothing but their values put in. */
function atTheDoor(key: string, values: Values = {}): string {
    const sentence = CATALOGUES[LANGUAGE]?.[key] ?? CATALOGUES[FALLBACK]?.[key] ?? key;
    return sentence.replace(/{{(\w+)}}/g, (_, name: string) => String(values[name] ?? ''));
}

/** What a page says, in the reader's language and in the one it falls back to. */
export async function loadWords(page: string): Promise<void> {
    say = await (await import('./catalogue')).wordsOf(page);
}

document.documentElement.lang = LANGUAGE;
