declare module 'virtual:words-at-the-door' {
    /** By language, then by key. */
    const words: Record<string, Record<string, string>>;
    export default words;
}
