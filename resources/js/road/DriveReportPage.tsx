import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../api/client';
import type { Report } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { SelectField } from '../ui/Field';
import { describeAction } from '../words/describe';
import { t } from '../words/words';
import { DriveView } from './DriveView';
import { isDrive } from './drives';

/** A drive of a job with everything there is of it, and another one laid over it: before a repair and after it. */
export function DriveReportPage() {
    const params = useParams();
    const attempt = Number(params.attempt);
    const report = useQuery({
        queryKey: ['report', attempt],
        queryFn: () =>
            taken(
                api.GET('/api/attempts/{attempt}/report', { params: { path: { attempt } } }),
            ) as Promise<Report>,
    });
    if (report.isPending) return <LoadingPage what={t('wait.report')} />;
    if (report.isError)
        return (
            <FailedPage what={t('wait.report')} error={report.error} onRetry={() => void report.refetch()} />
        );
    return <Drives report={report.data} attempt={attempt} step={Number(params.step)} />;
}

function Drives({ report, attempt, step }: { report: Report; attempt: number; step: number }) {
    const drives = report.steps.filter(isDrive);
    const [first, setFirst] = useState(step);
    const [second, setSecond] = useState(() => alike(report, step));
    const [one, other] = [useDrive(attempt, first), useDrive(attempt, second)];
    const shown = [one, other].flatMap((drive, position) =>
        drive.data === undefined
            ? []
            : [{ name: t('bay.step', { step: position === 0 ? first : second }), play: drive.data }],
    );
    const options = drives.map(({ number, action }) => ({
        value: String(number),
        label: `${number} · ${describeAction(report.car, action)}`,
    }));
    return (
        <Page
            title={
                <>
                    {t('road.title')} <span className="font-normal text-ink-soft">{report.jobTitle}</span>
                </>
            }
            right={<WhoAmI />}
            foot={<span>{t('road.foot')}</span>}
        >
            <div className="flex h-full min-h-0 flex-col gap-2.5">
                {one.isError ? (
                    <p role="alert">{one.error.message}</p>
                ) : shown.length === 0 ? (
                    <p role="status">{t('wait.drive')}</p>
                ) : (
                    <DriveView shown={shown} />
                )}
                <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-4 narrow:grid-cols-1">
                    <SelectField
                        label={t('road.drive')}
                        value={String(first)}
                        onChange={(event) => setFirst(Number(event.target.value))}
                        options={options}
                    />
                    <SelectField
                        label={t('road.laid-over')}
                        value={String(second)}
                        onChange={(event) => setSecond(Number(event.target.value))}
                        options={[
                            { value: '0', label: t('road.nothing-over') },
                            ...options.filter(({ value }) => value !== String(first)),
                        ]}
                    />
                    <Link to={`/report/${attempt}#step-${first}`} className="pb-1 text-petrol underline">
                        {t('road.back')}
                    </Link>
                </div>
            </div>
        </Page>
    );
}

/** Nothing for step 0. */
function useDrive(attempt: number, step: number) {
    return useQuery({
        queryKey: ['drive', attempt, step],
        enabled: step > 0,
        staleTime: Infinity,
        queryFn: () =>
            taken(api.GET('/api/attempts/{attempt}/drives/{step}', { params: { path: { attempt, step } } })),
    });
}

/** The latest other drive that was asked for in the same words; 0 where there is none. */
function alike({ steps }: Report, step: number): number {
    const asked = JSON.stringify(steps[step - 1]?.action);
    return (
        steps.findLast((one) => one.number !== step && isDrive(one) && JSON.stringify(one.action) === asked)
            ?.number ?? 0
    );
}
