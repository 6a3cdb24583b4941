import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { t } from '../words/words';

interface Props {
    /** Keeps the case first; null where it cannot be kept. */
    keep: () => Promise<{ id: number } | null>;
}

/** The instructor works the case in the bay, as an apprentice would. */
export function TryIt({ keep }: Props) {
    const navigate = useNavigate();
    const begin = useMutation({
        mutationFn: async () => {
            const kept = await keep();
            return (
                kept && taken(api.POST('/api/cases/{case}/trial', { params: { path: { case: kept.id } } }))
            );
        },
        onSuccess: (begun) => begun && void navigate(`/bay/${begun.attempt}`),
    });
    return (
        <div className="mt-2">
            <Button kind="slate-line" disabled={begin.isPending} onClick={() => begin.mutate()}>
                {t('trial.begin')}
            </Button>
            {begin.isError && (
                <p role="alert" className="pt-1 font-semibold">
                    {begin.error.message}
                </p>
            )}
        </div>
    );
}
