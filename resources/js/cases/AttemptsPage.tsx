import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api, taken } from '../api/client';
import type { AttemptRow, CaseRecord } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { faultNames, percent } from '../report/possible';
import { GivenOut } from './GivenOut';
import { clock, points } from '../words/quantities';
import { t } from '../words/words';

/** A class at work is watched. */
const LOOKED_AT_EVERY_MS = 5000;

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

function isBeingPrepared(record: CaseRecord | undefined): boolean {
    return record?.assignments.some(({ preparation }) => preparation?.done === false) ?? false;
}

export function AttemptsPage() {
    const id = Number(useParams().id);
    const record = useQuery({
        queryKey: ['case', id],
        queryFn: () => taken(api.GET('/api/cases/{case}', { params: { path: { case: id } } })),
        refetchInterval: ({ state }) => isBeingPrepared(state.data) && LOOKED_AT_EVERY_MS,
    });
    const attempts = useQuery({
        queryKey: ['attempts', id],
        queryFn: () => taken(api.GET('/api/cases/{case}/attempts', { params: { path: { case: id } } })),
        refetchInterval: LOOKED_AT_EVERY_MS,
    });

    return (
        <Page
            title={`${t('attempts.title')} · ${record.data?.document.name ?? ''}`}
            right={
                <>
                    <Link to="/cases" className="text-petrol underline">
                        {t('attempts.back')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            {record.data !== undefined && <GivenOut record={record.data} />}
            {attempts.isPending && <Loading />}
            {attempts.isError && <Failed error={attempts.error} onRetry={() => void attempts.refetch()} />}
            {attempts.data?.length === 0 && <p className="p-4">{t('attempts.empty')}</p>}
            {attempts.data !== undefined && attempts.data.length > 0 && (
                <table className="w-full border-collapse bg-bench text-left">
                    <thead className="border-b border-ink">
                        <tr>
                            {['apprentice', 'version', 'state', 'steps', 'time', 'possible', 'mark'].map(
                                (column) => (
                                    <th key={column} scope="col" className="px-3 py-2 font-semibold">
                                        {t(`attempts.${column}`)}
                                    </th>
                                ),
                            )}
                        </tr>
                    </thead>
                    <tbody>
                        {attempts.data.map((one) => (
                            <tr key={one.id}>
                                <th scope="row" className={CELL}>
                                    <Link
                                        to={`/report/${one.id}`}
                                        className="font-semibold text-petrol underline"
                                    >
                                        {one.apprentice}
                                    </Link>
                                </th>
                                <td className={`${CELL} tabular`}>{one.version}</td>
                                <td className={CELL}>
                                    {one.concludedAt === null
                                        ? `◐ ${t('attempts.under-way')}`
                                        : `■ ${t('attempts.concluded')}`}
                                    {one.try > 1 && ` · ${t('attempts.try', { count: one.try })}`}
                                    {one.variant !== null && (
                                        <span className="block text-small text-ink-soft">
                                            {t(`place.${one.variant.place}`)}:{' '}
                                            {t(`variation.relation.${one.variant.relation}`)}
                                        </span>
                                    )}
                                    {one.secondTry && ` · ${t('attempts.second-try')}`}
                                </td>
                                <td className={`${CELL} tabular`}>{one.steps}</td>
                                <td className={`${CELL} tabular`}>{clock(one.minutes)}</td>
                                <td className={CELL}>{possible(one)}</td>
                                <td className={CELL}>
                                    <span className={one.points === null ? undefined : 'tabular'}>
                                        {mark(one)}
                                    </span>
                                    {one.proposed && ` · ${t('attempts.proposed')}`}
                                    {one.objected && ` · △ ${t('attempts.objected')}`}
                                    {one.overridden && ` · ${t('attempts.overridden')}`}
                                    {one.differs && ` · ${t('attempts.differs')}`}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </Page>
    );
}
