import type { Mark, MarkSheet } from '../api/types';
import { t } from '../words/words';

export interface Sentence {
    heading: string;
    text: string;
    step: number | null;
}

/** Of marks that lost the same, the one that weighs more. */
function lost(mark: Mark): number {
    return mark.outOf - mark.points;
}

/** Three short sentences: what was good, what cost most, and what to do next time. */
export function opening({ marks }: MarkSheet): Sentence[] {
    const worst = marks.reduce<Mark | null>(
        (most, mark) => (lost(mark) > (most === null ? 0 : lost(most)) ? mark : most),
        null,
    );
    const best = marks
        .filter((mark) => lost(mark) === 0 && mark.outOf > 0)
        .reduce<Mark | null>((most, mark) => (most === null || mark.outOf > most.outOf ? mark : most), null);
    return [
        {
            heading: t('opening.good'),
            text: best === null ? t('opening.good-none') : t(`opening.good.${best.criterion}`),
            step: best?.step ?? null,
        },
        {
            heading: t('opening.cost'),
            text: worst === null ? t('opening.cost-none') : t(`opening.cost.${worst.criterion}`),
            step: worst?.step ?? null,
        },
        {
            heading: t('opening.next'),
            text: worst === null ? t('opening.next-none') : t(`opening.next.${worst.criterion}`),
            step: null,
        },
    ];
}
