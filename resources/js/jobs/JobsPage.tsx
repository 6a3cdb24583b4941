import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { JobRow } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { Paper } from '../ui/Paper';
import { day } from '../words/reader';
import { t } from '../words/words';
import { Invitations } from './Invitations';

/** While cars are being made ready. */
const LOOKED_AT_EVERY_MS = 5000;

export function JobsPage() {
    const jobs = useQuery({
        queryKey: ['jobs'],
        queryFn: () => taken(api.GET('/api/jobs')),
        refetchInterval: ({ state }) =>
            state.data?.some(({ isPrepared }) => !isPrepared) && LOOKED_AT_EVERY_MS,
    });

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
                {jobs.data?.length === 0 && <p className="p-4">{t('jobs.empty')}</p>}
                <ul className="grid min-h-0 grid-cols-3 gap-4 overflow-auto">
                    {jobs.data?.map((job) => (
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
                        {t('jobs.report')}
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
