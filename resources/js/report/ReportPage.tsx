import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../api/client';
import type { Report } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { noteTold } from '../jobs/noted';
import { Button } from '../ui/Button';
import { Paper, PaperHeading } from '../ui/Paper';
import { points } from '../words/quantities';
import { day } from '../words/reader';
import { t } from '../words/words';
import { describeCause } from '../words/describe';
import { BeingMarked } from './BeingMarked';
import { Decisions } from './Decisions';
import { MarkList } from './MarkList';
import { Narrowing } from './Narrowing';
import { Opening } from './Opening';
import { Received } from './Received';
import { Remarks } from './Remarks';
import { SensiblePath } from './SensiblePath';
import { Standing } from './Standing';
import { Stations } from './Stations';
import { TakeAway } from './TakeAway';
import { TimeLine } from './TimeLine';
import { useUnfoldedInPrint } from './useUnfoldedInPrint';

/** Marks come within seconds; the sensible path of a case may take longer when its first report is read. */
const MARKS_LOOKED_AT_EVERY_MS = 1000;

const PATH_LOOKED_AT_EVERY_MS = 4000;

const RELEASE_LOOKED_AT_EVERY_MS = 15000;

function isPathAwaited(report: Report) {
    return report.marks !== null && report.sensible === null;
}

/** Milliseconds after which to look again; false where all has come. */
function lookedAtEvery(report: Report | undefined): number | false {
    if (report?.marking != null && report.marks === null) return MARKS_LOOKED_AT_EVERY_MS;
    if (report !== undefined && report.concludedAt !== null && !report.release.isOpen)
        return RELEASE_LOOKED_AT_EVERY_MS;
    return report !== undefined && isPathAwaited(report) ? PATH_LOOKED_AT_EVERY_MS : false;
}

export function ReportPage() {
    const attempt = Number(useParams().attempt);
    useUnfoldedInPrint();
    const user = useSession().data?.user;
    const isInstructor = user?.role === 'instructor';
    const report = useQuery({
        queryKey: ['report', attempt],
        queryFn: () =>
            taken(
                api.GET('/api/attempts/{attempt}/report', { params: { path: { attempt } } }),
            ) as Promise<Report>,
        refetchInterval: (query) => lookedAtEvery(query.state.data),
    });
    const isRead = report.data !== undefined && report.data.marking !== null;
    useEffect(() => {
        if (isRead && user?.role === 'apprentice') noteTold(user.signIn, [`report:${attempt}`]);
    }, [isRead, user, attempt]);
    if (report.isPending) return <LoadingPage what={t('wait.report')} />;
    if (report.isError)
        return (
            <FailedPage what={t('wait.report')} error={report.error} onRetry={() => void report.refetch()} />
        );
    const { data } = report;
    const isReceived = data.concludedAt !== null && data.marking === null;

    return (
        <Page
            title={
                <>
                    {t('report.title')} · {data.jobTitle}{' '}
                    <span className="font-normal text-ink-soft">
                        {t('report.by', {
                            name: data.pair.map(({ name }) => name).join(' + ') || data.apprentice,
                        })}
                    </span>
                </>
            }
            right={
                <span className="flex items-center gap-3 no-print">
                    {!isReceived && <Button onClick={() => window.print()}>{t('report.print')}</Button>}
                    <Link to={isInstructor ? '/cases' : '/jobs'} className="text-petrol underline">
                        {isInstructor ? t('report.back-cases') : t('report.back-jobs')}
                    </Link>
                    <WhoAmI />
                </span>
            }
        >
            <div className="print-stacked grid h-full grid-cols-2 gap-4">
                <Paper label={t('report.marks')} className="h-full">
                    <div
                        className="relative min-h-0 flex-1 overflow-auto pr-3"
                        tabIndex={0}
                        role="group"
                        aria-label={t('report.marks')}
                    >
                        {isReceived && <Received report={data} />}
                        {data.closedBy !== null && (
                            <p className="mb-2 border-l-4 border-ink pl-2">
                                {t(`report.closed-by-${data.closedBy}`)}
                            </p>
                        )}
                        {data.pair.length > 0 && (
                            <p className="mb-2 border-l-4 border-ink pl-2">
                                {data.pair
                                    .map(({ name, atCar, atCard }) =>
                                        t('pair.share', { name, car: atCar, card: atCard }),
                                    )
                                    .join('. ')}
                            </p>
                        )}
                        {data.concludedAt === null && <p className="text-large">{t('report.open')}</p>}
                        {data.marking !== null && data.marks === null && (
                            <BeingMarked marking={data.marking} />
                        )}
                        {data.marks !== null && (
                            <p className="mb-2 text-title font-bold">
                                {t('report.points', {
                                    points: points(data.decided?.points ?? data.marks.points),
                                    out_of: data.marks.outOf,
                                })}
                            </p>
                        )}
                        {data.marks !== null && data.standing !== null && (
                            <Standing attempt={attempt} standing={data.standing} />
                        )}
                        {data.marks !== null && <Opening sheet={data.marks} />}
                        {data.marks?.cap != null && (
                            <p className="mb-2 border-l-4 border-ink pl-2">
                                {t('report.cap', {
                                    points: points(data.marks.cap.points),
                                    step: data.marks.cap.step,
                                })}
                            </p>
                        )}
                        {!isReceived && <Cause report={data} />}
                        <Remarks remarks={data.remarks} />
                        {data.marks !== null && (
                            <>
                                <PaperHeading
                                    hint={data.concludedAt === null ? undefined : day(data.concludedAt)}
                                >
                                    {t('report.marks')}
                                </PaperHeading>
                                <MarkList
                                    marks={data.marks.marks}
                                    counsel={data.marks.counsel ?? []}
                                    overrides={data.decided?.overrides ?? []}
                                    decides={isInstructor ? attempt : null}
                                />
                                <TakeAway sheet={data.marks} steps={data.steps} />
                                <details className="mb-3" open={isInstructor}>
                                    <summary className="mb-2 cursor-pointer font-semibold text-petrol">
                                        {t('report.more')}
                                    </summary>
                                    <Decisions repairs={data.marks.repairs ?? []} />
                                    <Stations stations={data.marks.stations ?? []} />
                                    <Narrowing possible={data.marks.possible ?? []} />
                                    {data.sensible !== null && <SensiblePath path={data.sensible} />}
                                    {isPathAwaited(data) && (
                                        <p role="status" className="text-ink-soft">
                                            {t('report.sensible-awaited')}
                                        </p>
                                    )}
                                </details>
                                {data.marks.versions !== undefined && (
                                    <p className="text-small text-ink-soft">
                                        {t('report.versions', {
                                            version: data.marks.versions.case,
                                            document: data.marks.versions.caseSha256.slice(0, 8),
                                            policy: data.marks.versions.policySha256.slice(0, 8),
                                            core: data.marks.versions.core,
                                        })}
                                    </p>
                                )}
                            </>
                        )}
                    </div>
                </Paper>
                {!isReceived && <TimeLine attempt={attempt} report={data} />}
            </div>
        </Page>
    );
}

function Cause({ report }: { report: Report }) {
    return (
        <div className="mb-3">
            <PaperHeading>{t('report.cause')}</PaperHeading>
            <p className="text-ink-soft">{report.complaint}</p>
            {report.cause.length === 0 && <p className="font-semibold">{t('report.nothing-wrong')}</p>}
            {report.cause.map((cause) => (
                <p key={`${cause.channel}${cause.station}`} className="font-semibold">
                    {describeCause(cause)}
                    {cause.conductor !== '' && `, ${t('report.wire', { wire: cause.conductor })}`}
                </p>
            ))}
        </div>
    );
}
