import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { News } from '../api/types';
import { t } from '../words/words';

/** With whom the job is worked and who is where; or who was asked and has not answered. */
export function PairLine({ attempt, news }: { attempt: number; news: News | undefined }) {
    const queries = useQueryClient();
    const path = { params: { path: { attempt } } };
    const change = useMutation({
        mutationFn: (atCar: boolean) =>
            taken(api.PUT('/api/attempts/{attempt}/places', { ...path, body: { atCar } })),
        onSuccess: (after) => queries.setQueryData<News>(['news', attempt], after),
    });
    const takeBack = useMutation({
        mutationFn: () => taken(api.DELETE('/api/attempts/{attempt}/pair', path)),
        onSettled: () => queries.invalidateQueries({ queryKey: ['news', attempt] }),
    });
    const pair = news?.pair ?? null;
    if (pair === null || news?.concluded === true) return null;
    const { with: name, joined, atCar } = pair;
    const failure = change.error ?? takeBack.error;
    return (
        <div className="mb-2 flex items-baseline gap-3 border-l-8 border-petrol bg-paper px-4 py-1.5">
            <span aria-hidden>{joined ? '◐◑' : '○'}</span>
            <span role="status" className="min-w-0 flex-1">
                {t(joined ? (atCar ? 'pair.at-car' : 'pair.at-card') : 'pair.asked', { name })}
                {failure !== null && <strong> {failure.message}</strong>}
            </span>
            <button
                type="button"
                disabled={change.isPending || takeBack.isPending}
                onClick={() => (joined ? change.mutate(!atCar) : takeBack.mutate())}
                className="shrink-0 text-petrol underline"
            >
                {t(joined ? 'pair.change' : 'pair.take-back')}
            </button>
        </div>
    );
}
