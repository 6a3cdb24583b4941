import type { Mark } from '../api/types';
import { points } from '../words/quantities';
import { t } from '../words/words';

function shape(mark: Mark): [string, string] {
    if (mark.points >= mark.outOf) return ['■', 'full'];
    return mark.points > 0 ? ['◧', 'part'] : ['□', 'none'];
}

/** Each criterion with its points, the sentence why, the step it rests on, and what would have earned the rest. */
export function MarkList({ marks }: { marks: Mark[] }) {
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
        </ul>
    );
}
