import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, taken } from '../api/client';
import type { Counsel } from '../api/types';
import { faultNames, percent } from '../report/possible';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { points, shortMinutes } from '../words/quantities';
import { atPlace } from '../words/place';
import { t } from '../words/words';

/** A worker answers: it is come back for. */
const ASKED_AGAIN_AFTER_MS = 700;

interface Props {
    attempt: number;
    costs: Record<string, number>;
    open: boolean;
    onClose: () => void;
}

/** In practice the advice may be asked; what it costs stands on the button. */
export function CounselDialog({ attempt, costs, open, onClose }: Props) {
    const [hasWorker, setHasWorker] = useState(true);
    const isWanted = useRef(false);
    const ask = useMutation({
        mutationFn: async (about: 'possible' | 'next') => {
            isWanted.current = true;
            while (isWanted.current) {
                const answer = await taken(
                    api.POST('/api/attempts/{attempt}/counsel', {
                        params: { path: { attempt } },
                        body: { about },
                    }),
                );
                if (!('hasWorker' in answer)) return answer;
                setHasWorker(answer.hasWorker);
                await new Promise((resolve) => setTimeout(resolve, ASKED_AGAIN_AFTER_MS));
            }
            return null;
        },
    });
    const close = () => {
        isWanted.current = false;
        ask.reset();
        onClose();
    };
    return (
        <Dialog title={t('counsel.title')} open={open} onClose={close}>
            <p className="mb-3 text-small text-ink-soft">{t('counsel.hint')}</p>
            <div className="flex flex-col gap-2">
                {(['possible', 'next'] as const).map((about) => (
                    <Button
                        key={about}
                        disabled={ask.isPending}
                        note={t('counsel.costs', { points: points(costs[about] ?? 0) })}
                        onClick={() => ask.mutate(about)}
                    >
                        {t(`counsel.${about}`)}
                    </Button>
                ))}
            </div>
            <div role="status" className="mt-3">
                {ask.isPending && <p>{t(hasWorker ? 'counsel.thinking' : 'counsel.no-worker')}</p>}
                {ask.isError && <p>{ask.error.message}</p>}
                {ask.data != null && !ask.isPending && <Answer counsel={ask.data} />}
            </div>
        </Dialog>
    );
}

function Answer({ counsel }: { counsel: Counsel }) {
    return (
        <>
            <p className="font-semibold">{t('report.possible-open', { count: counsel.open })}</p>
            <ul className="text-small">
                {counsel.foremost.map((likely) => (
                    <li
                        key={faultNames(likely)}
                        className="flex justify-between gap-3 border-b border-rule py-0.5"
                    >
                        <span>{faultNames(likely)}</span>
                        <span className="tabular">{percent(likely.chance)}</span>
                    </li>
                ))}
            </ul>
            {counsel.about === 'next' && <Next counsel={counsel} />}
        </>
    );
}

function Next({ counsel }: { counsel: Counsel }) {
    const [kind = '', place = 'car'] = (counsel.repair ?? '').split('@');
    return (
        <div className="mt-3">
            {counsel.reading !== null && (
                <p className="mb-2 font-semibold">
                    {t('counsel.reading-first', {
                        test: atPlace(`test.${counsel.reading.id}`, counsel.reading.place),
                        minutes: shortMinutes(counsel.reading.minutes),
                    })}
                </p>
            )}
            {counsel.repair !== null && (
                <p className="font-semibold">
                    {kind === 'none'
                        ? t('counsel.repair-none', { chance: percent(counsel.chance ?? 0) })
                        : t('counsel.repair', {
                              repair: atPlace(`repair.${kind}`, place),
                              chance: percent(counsel.chance ?? 0),
                          })}
                </p>
            )}
            {counsel.tests.length === 0 && <p>{t('counsel.no-test')}</p>}
            {counsel.tests.length > 0 && <p className="font-semibold">{t('counsel.tests')}</p>}
            <ol className="list-decimal pl-5 text-small">
                {counsel.tests.map((test) => (
                    <li key={`${test.id}${test.place}`}>
                        {t('counsel.test', {
                            test: atPlace(`test.${test.id}`, test.place),
                            minutes: shortMinutes(test.minutes),
                            left: percent(2 ** -test.bits),
                        })}
                    </li>
                ))}
            </ol>
        </div>
    );
}
