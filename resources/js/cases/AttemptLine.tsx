import { Link } from 'react-router';
import type { AttemptRow } from '../api/types';
import { faultNames, percent } from '../report/possible';
import { clock, points } from '../words/quantities';
import { t } from '../words/words';
import { AttemptMenu } from './AttemptMenu';

const CELL = 'border-b border-floor-deep px-3 py-2';

/** How many faults are still open, and the likeliest of them. */
function possible(row: AttemptRow): string {
    const likeliest = row.possible?.foremost[0];
    if (row.possible == null || likeliest === undefined) return '–';
    return t('attempts.open', {
        count: row.possible.open,
        fault: faultNames(likeliest),
        percent: percent(likeliest.chance),
    });
}

/** Points, or how far they have come. */
function mark({ points: given, outOf, marking }: AttemptRow): string {
    if (given !== null) return `${points(given)} / ${outOf}`;
    if (marking == null) return '–';
    if (marking.state === 'failed') return `△ ${t('attempts.mark-failed')}`;
    if (!marking.hasWorker) return `△ ${t('attempts.no-worker')}`;
    return `◔ ${t(marking.state === 'under-way' ? 'attempts.being-marked' : 'attempts.mark-awaited')}`;
}

function state({ concludedAt, closedBy }: AttemptRow): string {
    if (concludedAt === null) return `◐ ${t('attempts.under-way')}`;
    return `■ ${t(closedBy === null ? 'attempts.concluded' : `attempts.closed-by-${closedBy}`)}`;
}

/** One job: whose it is, how far it has come, and its mark. */
export function AttemptLine({ of: one }: { of: AttemptRow }) {
    const stage = one.concludedAt === null ? one.stage : null;
    return (
        <tr>
            <th scope="row" className={CELL}>
                <Link to={`/report/${one.id}`} className="font-semibold text-petrol underline">
                    {one.apprentice}
                </Link>
                {one.partner !== null && (
                    <span className="block text-small">{t('pair.with', { name: one.partner })}</span>
                )}
                {one.helpWanted && <strong className="block text-small">△ {t('lesson.wants-help')}</strong>}
            </th>
            <td className={`${CELL} tabular`}>{one.version}</td>
            <td className={CELL}>
                {state(one)}
                {one.try > 1 && ` · ${t('attempts.try', { count: one.try })}`}
                {one.variant !== null && (
                    <span className="block text-small text-ink-soft">
                        {t(`place.${one.variant.place}`)}: {t(`variation.relation.${one.variant.relation}`)}
                    </span>
                )}
                {one.secondTry && ` · ${t('attempts.second-try')}`}
            </td>
            <td className={CELL}>{stage === null ? '–' : t(`order.${stage}`)}</td>
            <td className={`${CELL} tabular`}>{one.steps}</td>
            <td className={`${CELL} tabular`}>{clock(one.minutes)}</td>
            <td className={CELL}>{possible(one)}</td>
            <td className={CELL}>
                <span className={one.points === null ? undefined : 'tabular'}>{mark(one)}</span>
                {one.proposed && ` · ${t('attempts.proposed')}`}
                {one.objected && ` · △ ${t('attempts.objected')}`}
                {one.overridden && ` · ${t('attempts.overridden')}`}
                {one.differs && ` · ${t('attempts.differs')}`}
            </td>
            <td className={CELL}>
                <AttemptMenu of={one} />
            </td>
        </tr>
    );
}
