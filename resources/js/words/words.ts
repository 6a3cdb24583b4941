import i18next, { type FormatterModule } from 'i18next';
import { initReactI18next } from 'react-i18next';
import { CATALOGUES, FALLBACK, LANGUAGE, number } from './reader';

/** Numbers in a sentence are written as the reader writes them. */
const formatter: FormatterModule = {
    type: 'formatter',
    init: () => undefined,
    add: () => undefined,
    addCached: () => undefined,
    format: (value: unknown) => (typeof value === 'number' ? number(value) : String(value)),
};

/* Flat catalogues, which the server reads too. */
void i18next
    .use(formatter)
    .use(initReactI18next)
    .init({
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

document.documentElement.lang = LANGUAGE;

export const t = i18next.t.bind(i18next);
