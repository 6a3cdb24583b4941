import type { MarkSheet, Possible, Step } from '../api/types';
import { t } from '../words/words';
import { markSentence } from './markSentence';

export interface Lesson {
    text: string;
    step: number | null;
}

/** No more than three things to remember. */
const MOST = 3;

/** Mistakes known by name first; then what would have earned most of the lost points; then the step that told most. */
export function lessons({ mistakes = [], marks, possible = [] }: MarkSheet, steps: Step[]): Lesson[] {
    const named = mistakes.map(({ id, step }) => ({ text: t(`mistake.${id}`), step }));
    const told = new Set(named.map(({ step }) => step));
    const lost = marks
        .filter(({ remedy, step }) => remedy !== '' && (step === null || !told.has(step)))
        .sort((one, other) => other.outOf - other.points - (one.outOf - one.points))
        .map(({ remedy, step }) => ({ text: markSentence(remedy), step }));
    return [...named, ...lost, ...mostTelling(possible, steps)].slice(0, MOST);
}

/** The steps that left the smallest share of the faults before them, best first; what the instrument called meaningless told nothing. */
function mostTelling(possible: Possible[], steps: Step[]): Lesson[] {
    const meaningless = (number: number) =>
        steps[number - 1]?.observation.notes.includes('ohms-on-live-circuit') === true;
    return possible
        .map(({ open, step }, index) => ({ step, open, before: possible[index - 1]?.open ?? open }))
        .filter(({ open, before, step }) => open < before && !meaningless(step))
        .sort((one, other) => one.open / one.before - other.open / other.before)
        .map(({ step, open, before }) => ({ text: t('report.told', { step, before, after: open }), step }));
}
