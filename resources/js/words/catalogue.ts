import i18next, { type FormatterModule } from 'i18next';
import { FALLBACK, LANGUAGE, number } from './reader';
import type { Say } from './words';

/** Numbers in a sentence are written as the reader writes them. */
const formatter: FormatterModule = {
    type: 'formatter',
    init: () => undefined,
    add: () => undefined,
    addCached: () => undefined,
    format: (value: unknown) => (typeof value === 'number' ? number(value) : String(value)),
};

/* Flat catalogues, which the server reads too. */
const WHOLE = import.meta.glob<Record<string, string>>('../../lang/*.json', { import: 'default' });

let loaded: Promise<Say> | null = null;

/** Plurals and numbers too; fetched once. */
export function allWords(): Promise<Say> {
    loaded ??= load().catch((error: unknown) => {
        loaded = null;
        throw error;
    });
    return loaded;
}

async function load(): Promise<Say> {
    const languages = [...new Set([LANGUAGE, FALLBACK])];
    const words = await Promise.all(languages.map((language) => WHOLE[`../../lang/${language}.json`]!()));
    await i18next.use(formatter).init({
        lng: LANGUAGE,
        fallbackLng: FALLBACK,
        resources: Object.fromEntries(
            languages.map((language, index) => [language, { translation: words[index]! }]),
        ),
        keySeparator: false,
        nsSeparator: false,
        interpolation: { escapeValue: false, alwaysFormat: true },
        returnEmptyString: false,
    });
    return (key, values) => i18next.t(key, values ?? {});
}
