import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import { useSignedIn } from '../app/session';
import { Button } from '../ui/Button';
import { t } from '../words/words';

const LOOKED_AT_EVERY_MS = 2000;

interface Props {
    group: string;
    token: string;
    onAgain: () => void;
    onLetIn: () => void;
}

/** Until an instructor has let one in; then it goes on to the jobs. */
export function Waiting({ group, token, onAgain, onLetIn }: Props) {
    const navigate = useNavigate();
    const signedIn = useSignedIn();
    const entering = useQuery({
        queryKey: ['joining', token],
        queryFn: () => taken(api.POST('/api/join/enter', { body: { token } })),
        refetchInterval: ({ state }) => state.data?.state !== 'let-in' && LOOKED_AT_EVERY_MS,
        gcTime: 0,
    });
    const user = entering.data?.user ?? null;
    useEffect(() => {
        if (user === null) return;
        onLetIn();
        signedIn(user);
        void navigate('/', { replace: true });
    }, [user]); // eslint-disable-line react-hooks/exhaustive-deps -- once

    return (
        <div role="status">
            {entering.isError ? (
                <p className="mb-3 font-semibold">{entering.error.message}</p>
            ) : (
                <p className="mb-3">
                    <span aria-hidden>{entering.data?.state === 'refused' ? '✕ ' : '◔ '}</span>
                    {entering.data?.state === 'refused' ? t('join.refused') : t('join.wait', { group })}
                </p>
            )}
            {(entering.isError || entering.data?.state === 'refused') && (
                <Button onClick={onAgain}>{t('join.again')}</Button>
            )}
        </div>
    );
}
