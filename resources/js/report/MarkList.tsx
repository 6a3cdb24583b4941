import { useState } from 'react';
import type { Mark, MarkSheet, Override } from '../api/types';
import { Explain } from '../ui/Explain';
import { points } from '../words/quantities';
import { day } from '../words/reader';
import { t } from '../words/words';
import { markSentence } from './markSentence';
import { OverrideDialog } from './OverrideDialog';

type Asked = NonNullable<MarkSheet['counsel']>[number];

interface Props {
    marks: Mark[];
    counsel: Asked[];
    overrides: Override[];
    /** The attempt, where whoever reads may decide otherwise. */
    decides: number | null;
}

function shape(got: number, outOf: number): [string, string] {
    if (got >= outOf) return ['■', 'full'];
    return got > 0 ? ['◧', 'part'] : ['□', 'none'];
}

/** Each criterion with its points, the sentence why, the step it rests on, and what would have earned the rest. */
export function MarkList({ marks, counsel, overrides, decides }: Props) {
    const [deciding, setDeciding] = useState<Mark | null>(null);
    const overrideOf = (mark: Mark) => overrides.find((one) => one.criterion === mark.criterion);
    return (
        <ul>
            {marks.map((mark) => (
                <MarkItem
                    key={mark.criterion}
                    mark={mark}
                    override={overrideOf(mark)}
                    onDecide={decides === null ? undefined : () => setDeciding(mark)}
                />
            ))}
            {counsel.map((asked) => (
                <li
                    key={`${asked.step}${asked.about}`}
                    className="flex justify-between gap-3 border-b border-rule py-2"
                >
                    <span>
                        {t('counsel.asked', { step: asked.step, points: `−${points(asked.points)}` })}
                    </span>
                </li>
            ))}
            {deciding !== null && decides !== null && (
                <OverrideDialog
                    attempt={decides}
                    mark={deciding}
                    override={overrideOf(deciding)}
                    onClose={() => setDeciding(null)}
                />
            )}
        </ul>
    );
}

interface ItemProps {
    mark: Mark;
    override: Override | undefined;
    onDecide: (() => void) | undefined;
}

function MarkItem({ mark, override, onDecide }: ItemProps) {
    const got = override?.points ?? mark.points;
    const [sign, word] = shape(got, mark.outOf);
    return (
        <li className="border-b border-rule py-2">
            <p className="flex justify-between gap-3 font-semibold">
                <span>
                    <span aria-hidden>{sign}</span> {t(`criterion.${mark.criterion}`)}{' '}
                    <Explain
                        what={t(`criterion.${mark.criterion}`)}
                        text={t(`help.rule.${mark.criterion}`)}
                    />{' '}
                    <span className="sr-only">({t(`earned.${word}`)})</span>
                </span>
                <span className="flex items-baseline gap-3">
                    {onDecide !== undefined && (
                        <button
                            type="button"
                            className="no-print text-small font-normal text-petrol underline"
                            aria-label={t('override.title', { criterion: t(`criterion.${mark.criterion}`) })}
                            onClick={onDecide}
                        >
                            {t('override.open')}
                        </button>
                    )}
                    <span className="tabular">
                        {points(got)} / {mark.outOf}
                    </span>
                </span>
            </p>
            {override !== undefined && (
                <p className="my-1 border-l-4 border-petrol pl-2">
                    {t('override.decided', {
                        by: override.by,
                        day: day(override.decidedAt),
                        points: points(override.points),
                        computed: points(mark.points),
                    })}{' '}
                    {override.reason}
                </p>
            )}
            {mark.rule !== undefined && <p className="text-small text-ink-soft">{mark.rule}</p>}
            <p>
                {markSentence(mark.reason, mark.parameters)}{' '}
                {mark.step !== null && (
                    <a href={`#step-${mark.step}`} className="text-small text-petrol underline">
                        {t('report.rests', { step: mark.step })}
                    </a>
                )}
            </p>
            {mark.remedy !== '' && (
                <p className="mt-1 border-l-4 border-ink pl-2 text-small text-ink-soft">
                    {t('report.instead')}: {markSentence(mark.remedy)}
                </p>
            )}
        </li>
    );
}
