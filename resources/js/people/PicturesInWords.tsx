import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { PersonRow } from '../api/types';
import { t } from '../words/words';

/** Whether somebody is told in words what a picture shows, in examinations as well. */
export function PicturesInWords({ of: { id, name, picturesDescribed } }: { of: PersonRow }) {
    const queries = useQueryClient();
    const grant = useMutation({
        mutationFn: (described: boolean) =>
            taken(
                api.PUT('/api/people/{person}/pictures', {
                    params: { path: { person: id } },
                    body: { described },
                }),
            ),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['people'] }),
    });
    return (
        <label className="flex min-h-6 items-center gap-2">
            <input
                type="checkbox"
                checked={picturesDescribed}
                disabled={grant.isPending}
                aria-label={t('people.described-of', { name })}
                onChange={({ target }) => grant.mutate(target.checked)}
                className="size-6 accent-petrol"
            />
            {grant.isError && <span role="alert">{grant.error.message}</span>}
        </label>
    );
}
