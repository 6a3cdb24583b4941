import type { Assignment } from '../api/types';
import { t } from '../words/words';

/** How far the variants of an assignment have come, and why there are not more. */
export function Preparation({ of }: { of: NonNullable<Assignment['preparation']> }) {
    const reasons = of.against.map(({ why, count }) => t(`variation.against.${why}`, { count })).join('; ');
    return (
        <span className="block text-small">
            {of.done ? (
                <>
                    <span aria-hidden>{of.found === 0 ? '△' : '✓'} </span>
                    {of.found === 0 ? t('variation.none') : t('variation.made', { count: of.found })}
                </>
            ) : (
                <>
                    <span aria-hidden>◔ </span>
                    {of.hasWorker
                        ? t('variation.being-made', { found: of.found, tried: of.tried, of: of.of })
                        : t('variation.no-worker')}
                </>
            )}
            {reasons !== '' && <span className="block text-ink-soft">{reasons}</span>}
        </span>
    );
}
