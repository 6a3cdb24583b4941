import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { JobRow } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { Paper } from '../ui/Paper';
import { isSought, NOTHING_SOUGHT, Seek } from '../ui/Seek';
import { day } from '../words/reader';
import { t } from '../words/words';
import { Announced } from './Announced';
import { Invitations } from './Invitations';

/** While cars are being made ready. */
const LOOKED_AT_EVERY_MS = 5000;

/** A new job or an open report is announced to whoever has the list before them. */
const NEWS_EVERY_MS = 20000;

const STATES = ['new', 'under-way', 'concluded'] as const;

/** What is under way first, then the newest. */
function inOrder(one: JobRow, other: JobRow): number {
    const isUnderWay = ({ state }: JobRow) => Number(state === 'under-way');
    return (
        isUnderWay(other) - isUnderWay(one) ||
        other.publishedAt.localeCompare(one.publishedAt) ||
        other.id - one.id
    );
}

export function JobsPage() {
    const jobs = useQuery({
        queryKey: ['jobs'],
        queryFn: () => taken(api.GET('/api/jobs')),
        refetchInterval: ({ state }) =>
            state.data?.some(({ isPrepared }) => !isPrepared) ? LOOKED_AT_EVERY_MS : NEWS_EVERY_MS,
    });
    const signIn = useSession().data?.user?.signIn ?? '';
    const [sought, setSought] = useState(NOTHING_SOUGHT);
    const all = [...(jobs.data ?? [])].sort(inOrder);
    const rows = all.filter((one) => isSought(sought, [one.jobTitle, one.complaint, one.car], one.state));

    return (
        <Page
            title={t('jobs.title')}
            right={
                <>
                    <Link to="/progress" className="text-petrol underline">
                        {t('progress.mine')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            {jobs.isPending && <Loading what={t('wait.jobs')} />}
            {jobs.isError && <Failed error={jobs.error} onRetry={() => void jobs.refetch()} />}
            <div className="flex h-full min-h-0 flex-col">
                <Invitations />
                {jobs.data !== undefined && <Announced signIn={signIn} jobs={all} />}
                {(jobs.data?.length ?? 0) > 1 && (
                    <Seek
                        sought={sought}
                        onChange={setSought}
                        states={STATES.map((value) => ({ value, label: t(`jobs.${value}`) }))}
                    />
                )}
                {all.length > 0 && rows.length === 0 && <p className="p-4">{t('seek.nothing')}</p>}
                {jobs.data?.length === 0 && <p className="p-4">{t('jobs.empty')}</p>}
                <ul className="grid min-h-0 grid-cols-3 gap-4 overflow-auto">
                    {rows.map((job) => (
                        <li key={job.id}>
                            <JobCard job={job} />
                        </li>
                    ))}
                </ul>
            </div>
        </Page>
    );
}

const SHAPES: Record<JobRow['state'], string> = { new: '○', 'under-way': '◐', concluded: '■' };

function JobCard({ job }: { job: JobRow }) {
    const navigate = useNavigate();
    const start = useMutation({
        mutationFn: (again: boolean) =>
            taken(
                api.POST('/api/jobs/{job}/attempt', { params: { path: { job: job.id } }, body: { again } }),
            ),
        onSuccess: ({ attempt }) => void navigate(`/bay/${attempt}`),
    });
    return (
        <Paper label={job.jobTitle} className="h-full">
            <h2 className="text-large">{job.jobTitle}</h2>
            <p className="flex justify-between border-b border-ink pb-1 text-small text-ink-soft">
                <span>{job.car}</span>
                <span>{day(job.publishedAt)}</span>
            </p>
            <p className="flex-1 py-3">{job.complaint}</p>
            <p className="pb-2">
                <span aria-hidden>{SHAPES[job.state]}</span> {t(`jobs.${job.state}`)}
                {job.steps > 0 && (
                    <span className="text-ink-soft">, {t('jobs.steps', { count: job.steps })}</span>
                )}
                {job.try > 1 && `, ${t('jobs.try', { count: job.try })}`}
                {job.partner !== null && `, ${t('pair.with', { name: job.partner })}`}
                {job.state === 'new' && !job.isPrepared && (
                    <span className="block">
                        <span aria-hidden>◔ </span>
                        {t('jobs.being-prepared')}
                    </span>
                )}
                {job.annulledBecause !== null && (
                    <span className="block font-semibold">
                        <span aria-hidden>✕ </span>
                        {t('jobs.annulled', { why: job.annulledBecause })}
                    </span>
                )}
                {job.state !== 'concluded' && job.minutesAllowed !== null && (
                    <span className="block">
                        <span aria-hidden>◷ </span>
                        {t('jobs.time', { count: job.minutesAllowed })}
                    </span>
                )}
                {job.state === 'new' && job.endsAt !== null && (
                    <span className="block">{t('jobs.until', { when: day(job.endsAt) })}</span>
                )}
            </p>
            {job.state === 'concluded' ? (
                <div className="flex items-center gap-3">
                    <Link
                        to={`/report/${job.attempt}`}
                        className="rounded-edge border border-petrol px-3 py-1.5 font-semibold text-petrol hover:bg-petrol-tint"
                    >
                        {t(job.reportIsOpen ? 'jobs.report' : 'jobs.report-waits')}
                    </Link>
                    {job.canBegin && (
                        <Button disabled={start.isPending} onClick={() => start.mutate(true)}>
                            {t('jobs.again')}
                        </Button>
                    )}
                </div>
            ) : (
                job.annulledBecause === null && (
                    <Button
                        kind="main"
                        disabled={start.isPending || (job.state === 'new' && !job.isPrepared)}
                        onClick={() => start.mutate(false)}
                    >
                        {job.state === 'new' ? t('jobs.start') : t('jobs.go-on')}
                    </Button>
                )
            )}
            {start.isError && (
                <p role="alert" className="pt-2 font-semibold">
                    {start.error.message}
                </p>
            )}
        </Paper>
    );
}
