import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { Assignment, CaseRecord } from '../api/types';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { t } from '../words/words';
import { Annul } from './Annul';
import { FaultyRule } from './FaultyRule';
import { SayDialog } from './SayDialog';
import { GivenRow } from './GivenRow';

export type Asked = 'withdraw' | 'open' | 'annul' | 'confirm' | 'say' | 'rule';

/** To whom this case was given, on which terms, and what can be done about it. */
export function GivenOut({ record }: { record: CaseRecord }) {
    const queries = useQueryClient();
    const [asks, setAsks] = useState<{ about: Asked; one: Assignment } | null>(null);
    const settled = {
        onSuccess: (after: CaseRecord) => {
            queries.setQueryData(['case', record.id], after);
            void queries.invalidateQueries({ queryKey: ['cases'] });
            void queries.invalidateQueries({ queryKey: ['attempts', record.id] });
        },
    };
    const path = (assignment: number) => ({ params: { path: { assignment } } });
    const give = useMutation({
        mutationFn: ({ id, withdrawn }: { id: number; withdrawn: boolean }) =>
            taken(api.PUT('/api/assignments/{assignment}', { ...path(id), body: { withdrawn } })),
        ...settled,
    });
    const open = useMutation({
        mutationFn: (id: number) => taken(api.POST('/api/assignments/{assignment}/release', path(id))),
        ...settled,
    });
    const annul = useMutation({
        mutationFn: ({ id, reason }: { id: number; reason: string }) =>
            taken(api.POST('/api/assignments/{assignment}/annulment', { ...path(id), body: { reason } })),
        ...settled,
    });
    const confirm = useMutation({
        mutationFn: (id: number) => taken(api.POST('/api/assignments/{assignment}/confirmation', path(id))),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['attempts', record.id] }),
    });
    const pause = useMutation({
        mutationFn: ({ id, paused }: { id: number; paused: boolean }) =>
            taken(api.PUT('/api/assignments/{assignment}/pause', { ...path(id), body: { paused } })),
        ...settled,
    });
    const failed = [give, open, annul, confirm, pause].find(({ isError }) => isError);
    const busy = [give, open, annul, confirm, pause].some(({ isPending }) => isPending);
    if (record.assignments.length === 0) return null;

    const one = asks?.one;
    return (
        <section className="mb-3 border border-floor-deep bg-bench px-3 py-2" aria-label={t('given.title')}>
            <h2 className="mb-1 font-semibold">{t('given.title')}</h2>
            <ul className="divide-y divide-floor-deep">
                {record.assignments.map((each) => (
                    <GivenRow
                        key={each.id}
                        one={each}
                        busy={busy}
                        onAsk={(about) => setAsks({ about, one: each })}
                        onGiveAgain={() => give.mutate({ id: each.id, withdrawn: false })}
                        onPause={(paused) => pause.mutate({ id: each.id, paused })}
                    />
                ))}
            </ul>
            {confirm.data !== undefined && (
                <p role="status">{t('standing.confirmed-all', { count: confirm.data.confirmed })}</p>
            )}
            {failed?.error && <p role="alert">{failed.error.message}</p>}
            <ConfirmDialog
                title={t('given.withdraw')}
                open={asks?.about === 'withdraw'}
                onClose={() => setAsks(null)}
                onConfirm={() => one !== undefined && give.mutate({ id: one.id, withdrawn: true })}
            >
                {t('given.withdraw-about')}
            </ConfirmDialog>
            <ConfirmDialog
                title={t('release.open')}
                open={asks?.about === 'open'}
                onClose={() => setAsks(null)}
                onConfirm={() => one !== undefined && open.mutate(one.id)}
            >
                {t('release.open-about')}
            </ConfirmDialog>
            <ConfirmDialog
                title={t('standing.confirm-all')}
                open={asks?.about === 'confirm'}
                onClose={() => setAsks(null)}
                onConfirm={() => one !== undefined && confirm.mutate(one.id)}
            >
                {t('standing.confirm-all-about')}
            </ConfirmDialog>
            <FaultyRule
                assignment={asks?.about === 'rule' ? asks.one.id : null}
                onClose={() => setAsks(null)}
            />
            <SayDialog
                assignment={asks?.about === 'say' ? asks.one.id : null}
                attempt={null}
                to={t('lesson.to-all')}
                onClose={() => setAsks(null)}
            />
            <Annul
                open={asks?.about === 'annul'}
                begun={one?.attempts ?? 0}
                onClose={() => setAsks(null)}
                onAnnul={(reason) => one !== undefined && annul.mutate({ id: one.id, reason })}
            />
        </section>
    );
}
