import { t } from '../../words/words';

const WHOLE = /^([PCBU][0-3][0-9A-F]{3}(-[0-9A-F]{2})?|[0-9A-F]{4}|[0-9]{1,5})$/;

/** What can still become one as more is typed. */
const BEGUN =
    /^([PCBU]?|[PCBU][0-3][0-9A-F]{0,2}|[PCBU][0-3][0-9A-F]{3}(-[0-9A-F]{0,2})?|[0-9A-F]{0,4}|[0-9]{0,5})$/;

/** A code as it is kept: capitals, no blanks. */
export function asCode(text: string): string {
    return text.replaceAll(/\s/g, '').toUpperCase();
}

/**
 * What keeps this text from being a code, in a sentence; nothing where it is one.
 * @param digits of a lamp's code; 0 where a tool reads them
 */
export function codeFault(text: string, digits: number, isWhole: boolean): string | undefined {
    const code = asCode(text);
    if (digits > 0) {
        const fits = isWhole ? code.length === digits : code.length <= digits;
        return fits && /^[0-9]*$/.test(code) ? undefined : t('scan.code-of-digits', { count: digits });
    }
    return (isWhole ? WHOLE : BEGUN).test(code) ? undefined : t('scan.code-of-a-tool');
}
