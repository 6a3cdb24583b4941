import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { api, SIGNED_OUT, taken } from '../api/client';
import type { User } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { t } from '../words/words';
import { useSession, useSignInAgain } from './session';

/** Whoever was signed out meanwhile signs in over the page, which keeps what was written on it. The bay goes by the door. */
export function SignInOver() {
    const user = useSession().data?.user;
    const isBay = useLocation().pathname.startsWith('/bay/');
    const [open, setOpen] = useState(false);
    const leave = useSignInAgain();
    useEffect(() => {
        const onSignedOut = () => setOpen(true);
        window.addEventListener(SIGNED_OUT, onSignedOut);
        return () => window.removeEventListener(SIGNED_OUT, onSignedOut);
    }, []);
    if (!user) return null;
    return (
        <Dialog title={t('sign-in.again')} open={open && !isBay} onClose={() => setOpen(false)}>
            <Form user={user} onDone={() => setOpen(false)} onLeave={leave} />
        </Dialog>
    );
}

function Form({ user, onDone, onLeave }: { user: User; onDone: () => void; onLeave: () => void }) {
    const queries = useQueryClient();
    const [password, setPassword] = useState('');
    const enter = useMutation({
        mutationFn: () => taken(api.POST('/api/session', { body: { name: user.signIn, password } })),
        onSuccess: () => {
            onDone();
            void queries.invalidateQueries({ predicate: ({ state }) => state.status === 'error' });
        },
    });
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                enter.mutate();
            }}
        >
            <p>{t('sign-in.again-about')}</p>
            <TextField label={t('sign-in.name')} autoComplete="username" readOnly value={user.signIn} />
            <TextField
                label={t('sign-in.password')}
                type="password"
                autoComplete="current-password"
                autoFocus
                value={password}
                error={enter.error?.message}
                onChange={({ target }) => setPassword(target.value)}
            />
            <div className="flex items-center gap-3">
                <Button kind="main" type="submit" disabled={enter.isPending}>
                    {t('sign-in.submit')}
                </Button>
                <button type="button" onClick={onLeave} className="text-petrol underline">
                    {t('sign-in.other')}
                </button>
            </div>
        </form>
    );
}
