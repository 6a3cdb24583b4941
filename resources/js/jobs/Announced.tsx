import { useState } from 'react';
import { Link } from 'react-router';
import type { JobRow } from '../api/types';
import { t } from '../words/words';
import { noteTold, wasTold } from './noted';

/** So many are named; of more, how many there are. */
const NAMED = 3;

interface Props {
    signIn: string;
    jobs: JobRow[];
}

/** New jobs and reports that have opened, until they are begun, read or noted; read out when one comes while the list is open. */
export function Announced({ signIn, jobs }: Props) {
    const [, redraw] = useState(0);
    const fresh = jobs.filter(({ id, state }) => state === 'new' && !wasTold(signIn, `job:${id}`));
    const opened = jobs.filter(
        ({ attempt, reportIsOpen }) => reportIsOpen && !wasTold(signIn, `report:${attempt}`),
    );
    const note = () => {
        noteTold(signIn, [
            ...fresh.map(({ id }) => `job:${id}`),
            ...opened.map(({ attempt }) => `report:${attempt}`),
        ]);
        redraw((count) => count + 1);
    };
    return (
        <div aria-live="polite">
            {fresh.length + opened.length > 0 && (
                <div className="mb-3 flex items-baseline gap-4 border-l-8 border-petrol bg-paper px-4 py-2">
                    <ul className="min-w-0 flex-1">
                        {fresh.length > 0 && (
                            <li>
                                <span aria-hidden>○ </span>
                                <strong>{t('jobs.new-jobs', { count: fresh.length })}</strong> {named(fresh)}
                            </li>
                        )}
                        {opened.map((job) => (
                            <li key={job.id}>
                                <span aria-hidden>■ </span>
                                <strong>{t('jobs.report-is-open')}</strong> {job.jobTitle}{' '}
                                <Link to={`/report/${job.attempt}`} className="text-petrol underline">
                                    {t('jobs.read-it')}
                                </Link>
                            </li>
                        ))}
                    </ul>
                    <button type="button" onClick={note} className="text-petrol underline">
                        {t('jobs.noted')}
                    </button>
                </div>
            )}
        </div>
    );
}

function named(jobs: JobRow[]): string {
    const names = jobs.slice(0, NAMED).map(({ jobTitle }) => jobTitle);
    const others = jobs.length - names.length;
    return [...names, ...(others > 0 ? [t('jobs.and-others', { count: others })] : [])].join(', ');
}
