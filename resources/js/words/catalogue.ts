import i18next, { type FormatterModule } from 'i18next';
import { pages, parts } from 'virtual:words-of-pages';
import { CATALOGUES, FALLBACK, LANGUAGE, number } from './reader';
import type { Say } from './words';

/** Numbers in a sentence are written as the reader writes them. */
const formatter: FormatterModule = {
    type: 'formatter',
    init: () => undefined,
    add: () => undefined,
    addCached: () => undefined,
    format: (value: unknown) => (typeof value === 'number' ? number(value) : String(value)),
};

const languages = [...new Set([LANGUAGE, FALLBACK])];

const begun = i18next.use(formatter).init({
    lng: LANGUAGE,
    fallbackLng: FALLBACK,
    resources: Object.fromEntries(languages.map((one) => [one, { translation: CATALOGUES[one]! }])),
    keySeparator: false,
    nsSeparator: false,
    interpolation: { escapeValue: false, alwaysFormat: true },
    returnEmptyString: false,
    parseMissingKeyHandler: unsaid,
});

/** What the page of this name says, with plurals and numbers; each part of the words is fetched once. */
export async function wordsOf(page: string): Promise<Say> {
    const fetched = languages.flatMap((one) => pages[page]!.map((part) => sayable(one, part)));
    await Promise.all([begun, ...fetched]);
    return (key, values) => i18next.t(key, values ?? {});
}

async function sayable(language: string, part: number): Promise<void> {
    const { default: words } = await parts[language]![part]!();
    i18next.addResourceBundle(language, 'translation', words, true);
}

/** Words that are missed are a mistake of ours: the key stands for itself, and the browser's log names it. */
function unsaid(key: string): string {
    console.error(`No words for ${key}`);
    return key;
}
