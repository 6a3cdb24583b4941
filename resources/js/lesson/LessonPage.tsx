import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { useGroups } from '../people/useGroups';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import { Pick } from './Pick';
import { WithoutJob } from './WithoutJob';

/** A group, a case, go: on the usual terms, which the case itself decides. */
export function LessonPage() {
    const groups = useGroups();
    const cases = useQuery({ queryKey: ['cases'], queryFn: () => taken(api.GET('/api/cases')) });
    const [chosen, setGroup] = useState<number | null>(null);
    const [record, setRecord] = useState<CaseRecord | null>(null);
    const navigate = useNavigate();
    const group =
        groups.data?.find(({ id }) => id === chosen) ??
        (groups.data?.length === 1 ? groups.data[0] : undefined);
    const go = useMutation({
        mutationFn: (give: { id: number; group: number }) =>
            taken(
                api.POST('/api/cases/{case}/versions', {
                    params: { path: { case: give.id } },
                    body: { groups: [give.group] },
                }),
            ),
        onSuccess: ({ id }) => void navigate(`/cases/${id}/attempts`),
    });
    const failed = [groups, cases].find(({ isError }) => isError);
    const shelf = (cases.data ?? []).filter(({ archived }) => !archived);

    return (
        <Page
            title={t('lesson.start')}
            right={
                <>
                    <Link to="/cases" className="text-petrol underline">
                        {t('attempts.back')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            {failed !== undefined && (
                <Failed
                    error={failed.error!}
                    onRetry={() => [groups, cases].forEach((one) => void one.refetch())}
                />
            )}
            {(groups.isPending || cases.isPending) && <Loading what={t('wait.lesson')} />}
            {groups.data !== undefined && cases.data !== undefined && (
                <div className="grid h-full min-h-0 lesson-columns grid-cols-[20rem_1fr_20rem] gap-6">
                    <section aria-label={t('lesson.who')} className="min-h-0 overflow-auto">
                        <h2 className="mb-2 text-large">1. {t('lesson.who')}</h2>
                        {groups.data.length === 0 && <p>{t('release.no-group')}</p>}
                        <ul className="flex flex-col gap-2">
                            {groups.data.map((one) => (
                                <li key={one.id}>
                                    <Pick isChosen={one.id === group?.id} onChoose={() => setGroup(one.id)}>
                                        {t('release.group', { group: one.name, count: one.apprentices })}
                                    </Pick>
                                </li>
                            ))}
                        </ul>
                        {group !== undefined && <WithoutJob group={group.id} />}
                    </section>
                    <section aria-label={t('lesson.what')} className="flex min-h-0 flex-col">
                        <h2 className="mb-2 text-large">2. {t('lesson.what')}</h2>
                        {shelf.length === 0 && <p>{t('cases.empty')}</p>}
                        <ul className="flex min-h-0 flex-col gap-2 overflow-auto">
                            {shelf.map((one) => (
                                <li key={one.id}>
                                    <Pick isChosen={one.id === record?.id} onChoose={() => setRecord(one)}>
                                        <span className="block font-semibold">{one.document.name}</span>{' '}
                                        <span className="text-small">
                                            {one.document.jobTitle}
                                            {one.goals.length > 0 && ` · ${one.goals.join(', ')}`}
                                        </span>
                                    </Pick>
                                </li>
                            ))}
                        </ul>
                    </section>
                    <section aria-label={t('lesson.go')} className="flex flex-col gap-3">
                        <h2 className="text-large">3. {t('lesson.go')}</h2>
                        {group === undefined || record === null ? (
                            <p>{t('lesson.choose-first')}</p>
                        ) : (
                            <p>
                                {t(
                                    record.document.practice === true
                                        ? 'lesson.as-practice'
                                        : 'lesson.as-examination',
                                    { group: group.name, count: group.apprentices },
                                )}
                            </p>
                        )}
                        <Button
                            kind="main"
                            disabled={group === undefined || record === null || go.isPending}
                            onClick={() =>
                                group !== undefined &&
                                record !== null &&
                                go.mutate({ id: record.id, group: group.id })
                            }
                        >
                            {t('lesson.go-now')}
                        </Button>
                        {go.isError && (
                            <p role="alert" className="font-semibold">
                                {go.error.message}
                            </p>
                        )}
                        <Link to="/people/cards" className="text-petrol underline">
                            {t('cards.open')}
                        </Link>
                        <p className="text-small text-ink-soft">{t('lesson.other-terms')}</p>
                    </section>
                </div>
            )}
        </Page>
    );
}
