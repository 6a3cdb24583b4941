import type { RepairReview } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { shortMinutes } from '../words/quantities';
import { t } from '../words/words';
import { faultNames, percent } from './possible';

const SHAPES: Record<RepairReview['verdict'], string> = {
    justified: '■',
    close: '◧',
    reasonable: '◧',
    unwritten: '◈',
    lucky: '◇',
    wrong: '□',
    harmful: '✕',
};

/** Each repair, or the decision for none, as it stood to what was known when it was made. */
export function Decisions({ repairs }: { repairs: RepairReview[] }) {
    if (repairs.length === 0) return null;
    return (
        <div className="mb-3">
            <PaperHeading>{t('report.decisions')}</PaperHeading>
            <ul>
                {repairs.map((review) => (
                    <Decision key={review.step} review={review} />
                ))}
            </ul>
        </div>
    );
}

function Decision({ review }: { review: RepairReview }) {
    const isNone = review.kind === 'none';
    const what = isNone
        ? t('report.decision-none')
        : review.channel === 'car'
          ? t(`repair.${review.kind}`)
          : `${t(`repair.${review.kind}`)}, ${t(`place.${review.channel}`)}`;
    return (
        <li className="border-b border-rule py-2">
            <p className="flex justify-between gap-3">
                <a href={`#step-${review.step}`} className="text-petrol underline">
                    {what}
                </a>
                <span className="font-semibold">
                    <span aria-hidden>{SHAPES[review.verdict]}</span> {t(`verdict.${review.verdict}`)}
                </span>
            </p>
            <p className="text-small">
                {t(isNone ? 'report.decision-chance-none' : 'report.decision-chance', {
                    card: Math.round(100 * review.byCard),
                    shown: Math.round(100 * review.byShown),
                })}{' '}
                {review.costOfTesting === null
                    ? t('report.decision-cost-only', { now: review.costNow })
                    : t(isNone ? 'report.decision-cost-none' : 'report.decision-cost', {
                          now: review.costNow,
                          testing: review.costOfTesting,
                      })}
            </p>
            {review.rivals.length > 0 && (
                <p className="text-small text-ink-soft">
                    {t('report.still-open')}:{' '}
                    {review.rivals
                        .slice(0, 4)
                        .map((rival) => `${faultNames(rival)} ${percent(rival.chance)}`)
                        .join(' · ')}
                </p>
            )}
            {review.test !== null && review.verdict !== 'justified' && (
                <p className="mt-1 border-l-4 border-ink pl-2 text-small text-ink-soft">
                    {t('report.better-test')}:{' '}
                    {t('report.better-test-is', {
                        test:
                            review.test.place === 'car'
                                ? t(`test.${review.test.id}`)
                                : `${t(`test.${review.test.id}`)}, ${t(`place.${review.test.place}`)}`,
                        minutes: shortMinutes(review.test.minutes),
                    })}
                </p>
            )}
        </li>
    );
}
