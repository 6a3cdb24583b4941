import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { Button } from '../ui/Button';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { day } from '../words/reader';
import { t } from '../words/words';

const SIGNS = { given: '●', replaced: '○', withdrawn: '✕' } as const;

/** To whom this case was given, and which of that can be taken back. */
export function GivenOut({ record }: { record: CaseRecord }) {
    const queries = useQueryClient();
    const [asked, setAsked] = useState<number | null>(null);
    const give = useMutation({
        mutationFn: ({ number, withdrawn }: { number: number; withdrawn: boolean }) =>
            taken(
                api.PUT('/api/cases/{case}/versions/{number}', {
                    params: { path: { case: record.id, number } },
                    body: { withdrawn },
                }),
            ),
        onSuccess: (after) => {
            queries.setQueryData(['case', record.id], after);
            void queries.invalidateQueries({ queryKey: ['cases'] });
        },
    });
    if (record.versions.length === 0) return null;

    return (
        <section className="mb-3 border border-floor-deep bg-bench px-3 py-2" aria-label={t('given.title')}>
            <h2 className="mb-1 font-semibold">{t('given.title')}</h2>
            <ul>
                {record.versions.map((one) => (
                    <li key={one.number} className="flex items-center gap-4 py-0.5">
                        <span className="w-20 first-letter:uppercase">
                            {t('cases.version', { number: one.number })}
                        </span>
                        <span className="w-64 truncate">{one.group.name}</span>
                        <span className="w-36 tabular">{day(one.publishedAt)}</span>
                        <span className="w-56">
                            <span aria-hidden>{SIGNS[one.state]} </span>
                            {t(`given.state.${one.state}`)}
                        </span>
                        <span className="grow">{t('given.begun', { count: one.attempts })}</span>
                        {one.state === 'given' && (
                            <Button disabled={give.isPending} onClick={() => setAsked(one.number)}>
                                {t('given.withdraw')}
                            </Button>
                        )}
                        {one.state === 'withdrawn' && (
                            <Button
                                disabled={give.isPending}
                                onClick={() => give.mutate({ number: one.number, withdrawn: false })}
                            >
                                {t('given.again')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {give.isError && <p role="alert">{give.error.message}</p>}
            <ConfirmDialog
                title={t('given.withdraw')}
                open={asked !== null}
                onClose={() => setAsked(null)}
                onConfirm={() => asked !== null && give.mutate({ number: asked, withdrawn: true })}
            >
                {t('given.withdraw-about')}
            </ConfirmDialog>
        </section>
    );
}
