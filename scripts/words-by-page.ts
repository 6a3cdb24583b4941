import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import type { Plugin } from 'vite';
import { scriptsOf } from './scripts-of.ts';

const SCRIPTS = resolve('resources/js');
const CATALOGUES = resolve('resources/lang');

/** The language in which every key has its sentence. */
const WHOLE = 'en';

/** Words that just the same pages say are a part of their own where they are this many characters; fewer come with each of the pages. */
const WORTH_A_FETCH = 4000;

/** Sentences of one language, by key. */
type Words = Record<string, string>;

/** Keys said before anybody is signed in; keys of the other parts; the parts each page fetches, by their numbers. */
interface Cut {
    door: string[];
    parts: string[][];
    pages: Record<string, number[]>;
}

/**
 * Cuts the catalogues of words by the page that says them: a page is whatever a script opens with `page(() => import(…), 'Name')`, and what
 * it says are the keys written in the scripts it is made of, in full or as the beginning of a key that is put together.
 */
export function wordsByPage(): Plugin {
    let cut: Cut;
    return {
        name: 'words-by-page',
        buildStart() {
            cut = cutByPage(catalogue(WHOLE));
        },
        resolveId: (id) => (id.startsWith('virtual:words-') ? `\0${id}` : null),
        load(id) {
            const asked = /^\0virtual:words-([a-z-]+)(?:\/(\d+)\/(.+))?$/.exec(id);
            if (asked === null) return null;
            readdirSync(CATALOGUES).forEach((file) => this.addWatchFile(join(CATALOGUES, file)));
            const [, what, number, language] = asked;
            if (what === 'part')
                return `export default ${words(catalogue(language!), cut.parts[Number(number)]!)}`;
            if (what === 'at-the-door') return `export default ${byLanguage((all) => words(all, cut.door))}`;
            const fetched = (one: string) =>
                cut.parts.map((_, part) => `() => import('virtual:words-part/${part}/${one}')`);
            return `export const parts = ${byLanguage((_, one) => `[${fetched(one).join()}]`)}; export const pages = ${JSON.stringify(cut.pages)}`;
        },
    };
}

function cutByPage(all: Words): Cut {
    const door = new Set(said(join(SCRIPTS, 'main.tsx'), all));
    const pages = pageFiles().map(([name, file]) => ({
        name,
        keys: said(file, all).filter((key) => !door.has(key)),
    }));
    const apart = saidAlike(pages).filter(({ keys }) => words(all, keys).length >= WORTH_A_FETCH);
    const fetchedApart = new Set(apart.flatMap(({ keys }) => keys));
    const own = pages.map(({ name, keys }) => ({
        names: [name],
        keys: keys.filter((key) => !fetchedApart.has(key)),
    }));
    const parts = [...apart, ...own];
    const fetchedBy = (page: string) => [...parts.keys()].filter((part) => parts[part]!.names.includes(page));
    return {
        door: [...door],
        parts: parts.map(({ keys }) => keys),
        pages: Object.fromEntries(pages.map(({ name }) => [name, fetchedBy(name)])),
    };
}

/** The keys that just the same pages say, two at least. */
function saidAlike(pages: { name: string; keys: string[] }[]): { names: string[]; keys: string[] }[] {
    const sayers = new Map<string, string[]>();
    for (const { name, keys } of pages)
        for (const key of keys) sayers.set(key, [...(sayers.get(key) ?? []), name]);
    const alike = new Map<string, { names: string[]; keys: string[] }>();
    for (const [key, names] of sayers) {
        const those = alike.get(names.join()) ?? { names, keys: [] };
        those.keys.push(key);
        alike.set(names.join(), those);
    }
    return [...alike.values()].filter(({ names }) => names.length > 1);
}

/** Every page there is: its name and its script. */
function pageFiles(): [string, string][] {
    const scripts = readdirSync(SCRIPTS, { recursive: true, encoding: 'utf8' }).filter((file) =>
        /\.tsx$/.test(file),
    );
    return scripts.flatMap((file) => {
        const opened = readFileSync(join(SCRIPTS, file), 'utf8').matchAll(
            /\bpage\(\(\) => import\('([^']+)'\), '(\w+)'\)/g,
        );
        return [...opened].map(([, path, name]): [string, string] => [
            name!,
            join(SCRIPTS, dirname(file), `${path}.tsx`),
        ]);
    });
}

/** The keys of the catalogue that the scripts of an entry write, or write the beginning of. */
function said(entry: string, all: Words): string[] {
    const written = new Set(
        scriptsOf(entry).flatMap((script) =>
            [...script.matchAll(/['"`]([a-z][\w-]*\.[\w.-]*)/gi)].map(([, key]) => key!),
        ),
    );
    const beginnings = (key: string) =>
        [...key.matchAll(/[._-]/g)].flatMap(({ index }) => [key.slice(0, index), key.slice(0, index + 1)]);
    return Object.keys(all).filter((key) => [key, ...beginnings(key)].some((one) => written.has(one)));
}

function catalogue(language: string): Words {
    return JSON.parse(readFileSync(join(CATALOGUES, `${language}.json`), 'utf8'));
}

function words(all: Words, keys: string[]): string {
    return JSON.stringify(Object.fromEntries(keys.filter((key) => key in all).map((key) => [key, all[key]])));
}

function byLanguage(write: (all: Words, language: string) => string): string {
    const languages = readdirSync(CATALOGUES).map((file) => file.replace('.json', ''));
    return `{ ${languages.map((one) => `${JSON.stringify(one)}: ${write(catalogue(one), one)}`).join()} }`;
}
