/** A number as people type it, with comma or point; spaces and thin spaces between thousands do not matter. */
const TYPED = /^[-−+]?(\d+([.,]\d*)?|[.,]\d+)$/;

/** The number nearest to it that has so many digits: still a number, not yet written. */
export function rounded(value: number, count: number): number {
    return Number(value.toPrecision(count));
}

/** The number in a field, or null where what stands there is none: nothing, a fraction, a word. */
export function typedNumber(text: string): number | null {
    const bare = text.replace(/[\s\u2009\u202f]/g, '');
    const apart = /\d\s+\d+\s*\/|\//.test(text);
    return !apart && TYPED.test(bare) ? Number(bare.replace(',', '.').replace('−', '-')) : null;
}
