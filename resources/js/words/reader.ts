import atTheDoor from 'virtual:words-at-the-door';

/** Catalogues of words by language, as far as they are needed at the door; a new one needs no more than its file. */
export const CATALOGUES = atTheDoor;

export const FALLBACK = 'en';

/** The first language the reader asks for that there is a catalogue of. */
export const LANGUAGE =
    navigator.languages.map((one) => one.split('-')[0]!.toLowerCase()).find((one) => one in CATALOGUES) ??
    FALLBACK;

/** How dates and numbers are written in that language. */
const FORMATS = CATALOGUES[LANGUAGE]?.['locale.formats'] ?? LANGUAGE;

let decimalSign = '';

/** Numbers are written with this sign from now on; empty: as the language has it. */
export function writeDecimalsWith(sign: string): void {
    decimalSign = sign;
}

const formats = new Map<string, Intl.NumberFormat>();

function written(value: number, options: Intl.NumberFormatOptions): string {
    const name = JSON.stringify(options);
    const format = formats.get(name) ?? new Intl.NumberFormat(FORMATS, { useGrouping: false, ...options });
    formats.set(name, format);
    const text = format.format(value).replace('-', '−');
    return decimalSign === '' ? text : text.replace(/[.,]/, decimalSign);
}

/** With as many decimals as it has. */
export function number(value: number): string {
    return written(value, { maximumFractionDigits: 20 });
}

/** With just so many decimals. */
export function fixed(value: number, decimals: number): string {
    return written(value, { minimumFractionDigits: decimals, maximumFractionDigits: decimals });
}

/** To so many digits that count; zeros at the end are left away. */
export function digits(value: number, count: number): string {
    return written(value, { maximumSignificantDigits: count });
}

/** To so many digits that count, zeros at the end included. */
export function precisely(value: number, count: number): string {
    return written(value, { minimumSignificantDigits: count, maximumSignificantDigits: count });
}

/** The day alone. */
export function date(iso: string): string {
    return new Date(iso).toLocaleDateString(FORMATS, { day: 'numeric', month: 'short' });
}

/** Day and time of day. */
export function day(iso: string): string {
    return new Date(iso).toLocaleDateString(FORMATS, {
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
    });
}
