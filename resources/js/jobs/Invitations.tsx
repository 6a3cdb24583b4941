import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { Invitation } from '../api/types';
import { Button } from '../ui/Button';
import { t } from '../words/words';

const LOOKED_AT_EVERY_MS = 5000;

/** Who asks this apprentice to work along. */
export function Invitations() {
    const asked = useQuery({
        queryKey: ['invitations'],
        queryFn: () => taken(api.GET('/api/invitations')),
        refetchInterval: LOOKED_AT_EVERY_MS,
    });
    return (
        <div aria-live="polite">
            {asked.data?.map((one) => (
                <OneInvitation key={one.attempt} of={one} />
            ))}
        </div>
    );
}

function OneInvitation({ of }: { of: Invitation }) {
    const queries = useQueryClient();
    const navigate = useNavigate();
    const path = { params: { path: { attempt: of.attempt } } };
    const again = () => queries.invalidateQueries({ queryKey: ['invitations'] });
    const join = useMutation({
        mutationFn: () => taken(api.POST('/api/attempts/{attempt}/pair', path)),
        onSuccess: ({ attempt }) => void navigate(`/bay/${attempt}`),
        onError: again,
    });
    const decline = useMutation({
        mutationFn: () => taken(api.DELETE('/api/attempts/{attempt}/pair', path)),
        onSettled: again,
    });
    const failure = join.error ?? decline.error;
    const isBusy = join.isPending || decline.isPending;
    return (
        <div className="mb-3 flex items-center gap-3 border-l-8 border-petrol bg-paper px-4 py-2">
            <span aria-hidden>◐◑</span>
            <p className="min-w-0 flex-1">
                <strong>{t('pair.invites', { name: of.from })}:</strong> {of.jobTitle}, {of.car}
                {failure !== null && <strong> {failure.message}</strong>}
            </p>
            <Button kind="main" disabled={isBusy} onClick={() => join.mutate()}>
                {t('pair.join')}
            </Button>
            <Button disabled={isBusy} onClick={() => decline.mutate()}>
                {t('pair.decline')}
            </Button>
        </div>
    );
}
