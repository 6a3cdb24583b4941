import type { ReactNode } from 'react';
import type { Progress } from '../api/types';
import { Paper, PaperHeading } from '../ui/Paper';
import { date } from '../words/reader';
import { percent } from '../report/possible';
import { points, shortMinutes } from '../words/quantities';
import { t } from '../words/words';

/** How jobs went, put together: bars that say their number, the lowest first. */
export function ProgressView({ progress }: { progress: Progress }) {
    if (progress.jobs === 0) return <p className="p-4">{t('progress.none')}</p>;
    const { overTime, goals, criteria, stages, mistakes } = progress;
    const most = Math.max(...stages.map(({ lost }) => lost), Number.EPSILON);
    return (
        <div
            className="grid max-h-full auto-rows-max grid-cols-2 gap-4 overflow-auto"
            tabIndex={0}
            role="group"
            aria-label={t('progress.over-time')}
        >
            <Block title={t('progress.over-time')} hint={t('progress.jobs', { count: progress.jobs })}>
                <ul>
                    {overTime.map(({ at, jobTitle, share }, index) => (
                        <Bar key={index} name={jobTitle} more={date(at)} share={share} />
                    ))}
                </ul>
            </Block>
            <Block title={t('progress.criteria')}>
                <ul>
                    {criteria.map(({ name, share }) => (
                        <Bar key={name} name={t(`criterion.${name}`)} share={share} />
                    ))}
                </ul>
            </Block>
            <Block title={t('progress.stages')} hint={t('progress.stages-hint')}>
                <ul>
                    {stages.map(({ stage, minutes, lost }) => (
                        <Line
                            key={stage}
                            name={t(`order.${stage}`)}
                            more={shortMinutes(minutes)}
                            value={t('progress.lost', { points: points(lost) })}
                            share={lost / most}
                        />
                    ))}
                </ul>
            </Block>
            <Block title={t('progress.goals')}>
                {goals.length === 0 && <p className="text-ink-soft">{t('progress.no-goals')}</p>}
                <ul>
                    {goals.map(({ name, share, jobs }) => (
                        <Bar
                            key={name}
                            name={name}
                            more={t('progress.in-jobs', { count: jobs })}
                            share={share}
                        />
                    ))}
                </ul>
            </Block>
            <Block title={t('progress.mistakes')}>
                {mistakes.length === 0 && <p className="text-ink-soft">{t('progress.no-mistakes')}</p>}
                <ul>
                    {mistakes.map(({ name, jobs }) => (
                        <li key={name} className="flex justify-between gap-4 border-b border-rule py-1.5">
                            <span>{t(`mistake.${name}`)}</span>
                            <span className="shrink-0 tabular">{t('progress.in-jobs', { count: jobs })}</span>
                        </li>
                    ))}
                </ul>
            </Block>
        </div>
    );
}

function Block({ title, hint, children }: { title: string; hint?: string; children: ReactNode }) {
    return (
        <Paper label={title}>
            <PaperHeading hint={hint}>{title}</PaperHeading>
            {children}
        </Paper>
    );
}

function Bar({ name, more, share }: { name: string; more?: string; share: number }) {
    return <Line name={name} more={more} value={percent(share)} share={share} />;
}

interface LineProps {
    name: string;
    more?: string;
    value: string;
    /** Of the whole bar, 0 to 1. */
    share: number;
}

function Line({ name, more, value, share }: LineProps) {
    return (
        <li className="border-b border-rule py-1.5">
            <span className="flex justify-between gap-4">
                <span className="min-w-0">
                    {name} {more !== undefined && <span className="text-small text-ink-soft">{more}</span>}
                </span>
                <span className="shrink-0 tabular">{value}</span>
            </span>
            <svg aria-hidden viewBox="0 0 100 3" preserveAspectRatio="none" className="mt-1 h-1.5 w-full">
                <rect width="100" height="3" className="fill-floor" />
                <rect width={share * 100} height="3" className="fill-petrol" />
            </svg>
        </li>
    );
}
