import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { Standing as Stands } from '../api/types';
import { Button } from '../ui/Button';
import { PaperHeading } from '../ui/Paper';
import { day } from '../words/reader';
import { t } from '../words/words';
import { DecideObjection } from './DecideObjection';
import { ObjectToMark } from './ObjectToMark';

interface Props {
    attempt: number;
    standing: Stands;
}

/** Whether the mark counts yet, by whose name, and what was said against it. */
export function Standing({ attempt, standing }: Props) {
    const queries = useQueryClient();
    const onChanged = () => void queries.invalidateQueries({ queryKey: ['report', attempt] });
    const confirm = useMutation({
        mutationFn: () =>
            taken(api.POST('/api/attempts/{attempt}/confirmation', { params: { path: { attempt } } })),
        onSuccess: onChanged,
    });
    const { objection } = standing;

    return (
        <div className="mb-3">
            <div className="mb-2 flex items-center justify-between gap-3">
                <p role="status">
                    <span aria-hidden>{standing.confirmedAt === null ? '◔ ' : '■ '}</span>
                    {said(standing)}
                </p>
                {standing.mayConfirm && (
                    <Button disabled={confirm.isPending} onClick={() => confirm.mutate()}>
                        {t('standing.confirm')}
                    </Button>
                )}
            </div>
            {confirm.isError && <p role="alert">{confirm.error.message}</p>}
            {objection !== null && (
                <div className="mb-2">
                    <PaperHeading>{t('objection.title')}</PaperHeading>
                    <p>{t('objection.raised', { text: objection.text, when: day(objection.raisedAt) })}</p>
                    {objection.decidedAt === null ? (
                        <p className="text-ink-soft">{t('objection.waits')}</p>
                    ) : (
                        <p className="border-l-4 border-ink pl-2">
                            <span className="font-semibold">
                                <span aria-hidden>{objection.upheld ? '■ ' : '□ '}</span>
                                {t(objection.upheld ? 'objection.upheld' : 'objection.not-upheld')}.
                            </span>{' '}
                            {t('objection.decided', {
                                decision: objection.decision,
                                name: objection.by,
                                when: day(objection.decidedAt),
                            })}
                        </p>
                    )}
                </div>
            )}
            {standing.mayObject && <ObjectToMark attempt={attempt} onSent={onChanged} />}
            {standing.mayDecide && <DecideObjection attempt={attempt} onDecided={onChanged} />}
        </div>
    );
}

function said({ confirmedAt, confirmedBy }: Stands): string {
    if (confirmedAt === null) return t('standing.proposal');
    return confirmedBy === null
        ? t('standing.confirmed-before', { when: day(confirmedAt) })
        : t('standing.confirmed', { name: confirmedBy, when: day(confirmedAt) });
}
