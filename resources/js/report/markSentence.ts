import { t, type Values } from '../words/words';

/** What a mark says, by the key that marking gave it. */
export function markSentence(key: string, values?: Values): string {
    return t(key as `mark.${string}`, values);
}
