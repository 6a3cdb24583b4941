import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { Door } from '../api/types';
import { Button } from '../ui/Button';
import { t } from '../words/words';

interface Props {
    waiting: Door['waiting'];
    onDecided: (after: Door) => void;
}

/** Who has typed the code; the instructor lets in those who stand there. */
export function WaitingList({ waiting, onDecided }: Props) {
    const queries = useQueryClient();
    const decide = useMutation({
        mutationFn: async ({ ids, letIn }: { ids: number[]; letIn: boolean }) => {
            let after: Door | undefined;
            for (const joinRequest of ids)
                after = await taken(
                    api.PUT('/api/join-requests/{joinRequest}', {
                        params: { path: { joinRequest } },
                        body: { letIn },
                    }),
                );
            return after!;
        },
        onSuccess: (after) => {
            onDecided(after);
            void queries.invalidateQueries({ queryKey: ['people'] });
            void queries.invalidateQueries({ queryKey: ['groups'] });
        },
    });

    return (
        <section aria-label={t('join.waiting', { count: waiting.length })}>
            <div className="flex items-baseline justify-between border-b border-ink pb-1">
                <h3 className="font-semibold">
                    <span role="status">
                        {waiting.length === 0
                            ? t('join.nobody-waits')
                            : t('join.waiting', { count: waiting.length })}
                    </span>
                </h3>
                {waiting.length > 1 && (
                    <Button
                        disabled={decide.isPending}
                        onClick={() => decide.mutate({ ids: waiting.map(({ id }) => id), letIn: true })}
                    >
                        {t('join.let-all-in')}
                    </Button>
                )}
            </div>
            <ul className="max-h-60 overflow-auto">
                {waiting.map((one) => (
                    <li key={one.id} className="flex items-center gap-3 border-b border-floor-deep py-1">
                        <span className="grow">
                            {one.name} <span className="font-mono text-ink-soft">{one.signIn}</span>
                        </span>
                        <span className="text-small text-ink-soft">
                            {t(one.isListed ? 'join.listed' : 'join.new')}
                        </span>
                        <Button
                            disabled={decide.isPending}
                            onClick={() => decide.mutate({ ids: [one.id], letIn: true })}
                        >
                            {t('join.let-in', { name: one.name })}
                        </Button>
                        <Button
                            disabled={decide.isPending}
                            onClick={() => decide.mutate({ ids: [one.id], letIn: false })}
                        >
                            {t('join.refuse', { name: one.name })}
                        </Button>
                    </li>
                ))}
            </ul>
            {decide.isError && <p role="alert">{decide.error.message}</p>}
        </section>
    );
}
