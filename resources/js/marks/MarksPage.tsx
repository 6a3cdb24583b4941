import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { GroupSelect } from '../people/GroupSelect';
import { useGroups } from '../people/useGroups';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import { GradesDialog } from './GradesDialog';
import { MarksGrid } from './MarksGrid';

/** The marks of one group, to look at, print and take away. */
export function MarksPage() {
    const groups = useGroups().data ?? [];
    const [chosen, setChosen] = useState('');
    const [grading, setGrading] = useState(false);
    const group = groups.find(({ id }) => String(id) === chosen) ?? groups[0];
    const marks = useQuery({
        queryKey: ['marks', group?.id],
        queryFn: () =>
            taken(api.GET('/api/groups/{group}/marks', { params: { path: { group: group!.id } } })),
        enabled: group !== undefined,
    });

    return (
        <Page
            title={`${t('marks.title')}${group === undefined ? '' : ` · ${group.name}`}`}
            right={
                <span className="flex items-center gap-3 no-print">
                    <Button onClick={() => setGrading(true)}>{t('grades.open')}</Button>
                    <Button onClick={() => window.print()}>{t('report.print')}</Button>
                    <WhoAmI />
                </span>
            }
        >
            <div className="flex h-full min-h-0 min-w-0 flex-col gap-3">
                <GradesDialog open={grading} onClose={() => setGrading(false)} />
                <div className="flex items-end gap-5 no-print narrow:flex-wrap narrow:gap-y-1">
                    {groups.length > 1 && group !== undefined && (
                        <div className="w-72">
                            <GroupSelect
                                label={t('people.group')}
                                groups={groups}
                                value={String(group.id)}
                                onChoose={setChosen}
                            />
                        </div>
                    )}
                    {group !== undefined && (
                        <a
                            href={`/api/groups/${group.id}/marks.csv`}
                            download
                            className="py-1 text-petrol underline"
                        >
                            {t('marks.csv')}
                        </a>
                    )}
                    {group !== undefined && (
                        <Link to={`/groups/${group.id}/progress`} className="py-1 text-petrol underline">
                            {t('marks.progress')}
                        </Link>
                    )}
                    <p className="grow text-small text-ink-soft">{t('marks.about')}</p>
                </div>
                {marks.isLoading && <Loading what={t('wait.marks')} />}
                {marks.isError && <Failed error={marks.error} onRetry={() => void marks.refetch()} />}
                {marks.data?.cases.length === 0 && <p className="p-4">{t('marks.nothing-given')}</p>}
                {marks.data?.people.length === 0 && marks.data.cases.length > 0 && (
                    <p className="p-4">{t('people.empty')}</p>
                )}
                {marks.data !== undefined && marks.data.cases.length > 0 && marks.data.people.length > 0 && (
                    <MarksGrid table={marks.data} />
                )}
            </div>
        </Page>
    );
}
