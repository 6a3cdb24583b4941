import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { PersonRow } from '../api/types';
import { t } from '../words/words';

const PERCENTS = [0, 10, 15, 20, 25, 30, 50, 75, 100];

/** What is added to the time of every job that has one. */
export function ExtraTime({ of: { id, name, extraTimePercent } }: { of: PersonRow }) {
    const queries = useQueryClient();
    const give = useMutation({
        mutationFn: (percent: number) =>
            taken(
                api.PUT('/api/people/{person}/extra-time', {
                    params: { path: { person: id } },
                    body: { percent },
                }),
            ),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['people'] }),
    });
    const offered = [...new Set([...PERCENTS, extraTimePercent])].sort((one, other) => one - other);
    return (
        <>
            <label htmlFor={`extra-time-${id}`} className="sr-only">
                {t('people.extra-time-of', { name })}
            </label>
            <select
                id={`extra-time-${id}`}
                value={extraTimePercent}
                disabled={give.isPending}
                onChange={({ target }) => give.mutate(Number(target.value))}
                className="rounded-edge border border-edge bg-paper px-1 py-0.5"
            >
                {offered.map((percent) => (
                    <option key={percent} value={percent}>
                        {percent === 0 ? t('people.no-extra-time') : t('people.percent', { percent })}
                    </option>
                ))}
            </select>
            {give.isError && <p role="alert">{give.error.message}</p>}
        </>
    );
}
