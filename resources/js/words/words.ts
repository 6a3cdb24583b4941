import i18next, { type FormatterModule } from 'i18next';
import { CATALOGUES, FALLBACK, LANGUAGE, number } from './reader';

/** Numbers in a sentence are written as the reader writes them. */
const formatter: FormatterModule = {
    type: 'formatter',
    init: () => undefined,
    add: () => undefined,
    addCached: () => undefined,
    format: (value: unknown) => (typeof value === 'number' ? number(value) : String(value)),
};

/* Flat catalogues, which the server reads too. At first what is said at the door. */
void i18next.use(formatter).init({
    lng: LANGUAGE,
    fallbackLng: FALLBACK,
    resources: Object.fromEntries(
        Object.entries(CATALOGUES).map(([language, words]) => [language, { translation: words }]),
    ),
    keySeparator: false,
    nsSeparator: false,
    interpolation: { escapeValue: false, alwaysFormat: true },
    returnEmptyString: false,
});

const WHOLE = import.meta.glob<Record<string, string>>('../../lang/*.json', { import: 'default' });

/** All there is to say in the reader's language, and in the one it falls back to. */
export async function loadWords(): Promise<void> {
    await Promise.all(
        [...new Set([LANGUAGE, FALLBACK])].map(async (language) => {
            const words = await WHOLE[`../../lang/${language}.json`]!();
            i18next.addResourceBundle(language, 'translation', words, true, true);
        }),
    );
}

document.documentElement.lang = LANGUAGE;

export const t = i18next.t.bind(i18next);
