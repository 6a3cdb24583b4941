declare module 'virtual:words-at-the-door' {
    /** By language, then by key. */
    const words: Record<string, Record<string, string>>;
    export default words;
}

declare module 'virtual:words-of-pages' {
    /** By language: the parts of its catalogue. */
    export const parts: Record<string, (() => Promise<{ default: Record<string, string> }>)[]>;
    /** By page: the parts with what it says, by their places there. */
    export const pages: Record<string, number[]>;
}
