import type { Mark, MarkSheet } from '../api/types';
import { points } from '../words/quantities';
import { t } from '../words/words';

type Asked = NonNullable<MarkSheet['counsel']>[number];

function shape(mark: Mark): [string, string] {
    if (mark.points >= mark.outOf) return ['■', 'full'];
    return mark.points > 0 ? ['◧', 'part'] : ['□', 'none'];
}

/** Each criterion with its points, the sentence why, the step it rests on, and what would have earned the rest. */
export function MarkList({ marks, counsel }: { marks: Mark[]; counsel: Asked[] }) {
    return (
        <ul>
            {marks.map((mark) => {
                const [sign, word] = shape(mark);
                return (
                    <li key={mark.criterion} className="border-b border-rule py-2">
                        <p className="flex justify-between gap-3 font-semibold">
                            <span>
                                <span aria-hidden>{sign}</span> {t(`criterion.${mark.criterion}`)}{' '}
                                <span className="sr-only">({t(`earned.${word}`)})</span>
                            </span>
                            <span className="tabular">
                                {points(mark.points)} / {mark.outOf}
                            </span>
                        </p>
                        <p>
                            {t(mark.reason, mark.parameters)}{' '}
                            {mark.step !== null && (
                                <a href={`#step-${mark.step}`} className="text-small text-petrol underline">
                                    {t('report.rests', { step: mark.step })}
                                </a>
                            )}
                        </p>
                        {mark.remedy !== '' && (
                            <p className="mt-1 border-l-4 border-ink pl-2 text-small text-ink-soft">
                                {t('report.instead')}: {t(mark.remedy)}
                            </p>
                        )}
                    </li>
                );
            })}
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
        </ul>
    );
}
