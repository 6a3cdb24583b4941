import type { PreviewCell, PreviewValue } from '../api/types';
import { displayed } from '../words/quantities';
import { t } from '../words/words';

/** The values of one cell in words, as an apprentice would meet them. */
export function spokenValues(test: string, values: PreviewCell['faulty']): string {
    const entries = Object.entries(values);
    if (entries.some(([, value]) => 'word' in value && value.word === 'no-answer')) return t('bay.no-answer');
    if (test === 'codes' || test === 'codes-of-parts')
        return named(entries, (name) => `${name}`) || t('preview.no-code');
    if (test === 'lamp-codes') return counted(entries) || t('preview.no-code');
    if (test === 'bulbs') return dark(entries) || t('preview.all-light');
    if (test === 'lamps') return named(entries, (name) => t(`lamp.${name}`)) || t('preview.no-lamp');
    return entries.flatMap(([, value]) => spoken(value)).join(', ') || t('preview.firm');
}

function counted(entries: [string, PreviewValue][]): string {
    return entries
        .flatMap(([, value]) =>
            'word' in value && value.word !== 'none' ? [`${value.word}${odds(value.chance)}`] : [],
        )
        .join(', ');
}

function dark(entries: [string, PreviewValue][]): string {
    return entries
        .flatMap(([id, value]) =>
            'word' in value && value.word === 'dark'
                ? [t('lamp-state.stays-dark', { lamp: t(`lamp.${id.slice('bulb.'.length)}`) })]
                : [],
        )
        .join(', ');
}

function named(entries: [string, PreviewValue][], name: (id: string) => string): string {
    return entries
        .flatMap(([id, value]) =>
            'word' in value && (value.word === 'present' || value.word === 'on')
                ? [`${name(id)}${odds(value.chance)}`]
                : [],
        )
        .join(', ');
}

/** What goes without saying. */
const QUIET = ['steady', 'no-play', 'ring-firm', 'sensor-firm'];

function spoken(value: PreviewValue): string[] {
    if (!('word' in value)) return [displayed(value)];
    if (QUIET.includes(value.word)) return [];
    if (value.word === 'dips') return [t('bay.speed-dips')];
    return [`${t(`sight-short.${value.word}`)}${odds(value.chance)}`];
}

const AS_GOOD_AS_SURE = 0.995;

/** How likely a word is, where it is not as good as sure. */
function odds(chance: number): string {
    return chance < AS_GOOD_AS_SURE ? ` (${Math.round(chance * 100)}\u2009%)` : '';
}
