import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, Refused, taken } from '../api/client';
import { useSession, useSignedIn } from '../app/session';
import { useTitle } from '../app/useTitle';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { Paper } from '../ui/Paper';
import { t } from '../words/words';

/** The door: what is typed here the server alone judges. */
export function SignInPage() {
    useTitle(t('sign-in.title'));
    const [given, setGiven] = useState({ name: '', password: '' });
    const [search] = useSearchParams();
    const back = search.get('back') ?? '/';
    const navigate = useNavigate();
    const signedIn = useSignedIn();
    const signIn = useMutation({
        mutationFn: async (body: typeof given) => {
            await taken(api.GET('/api/session')); // brings a fresh token where the old one has gone
            return taken(api.POST('/api/session', { body }));
        },
        onSuccess: (user) => {
            signedIn(user);
            void navigate(back.startsWith('/') ? back : '/', { replace: true });
        },
    });
    const demo = useSession().data?.demo ?? false;
    const fields: Record<string, string> = signIn.error instanceof Refused ? signIn.error.fields : {};

    return (
        <main className="flex h-full flex-col items-center justify-center gap-4 p-4">
            <div className="corner-marks max-w-full p-8 narrow:p-3">
                <Paper label={t('sign-in.title')} className="w-88 max-w-full">
                    <h1 className="text-title">
                        Lern<span className="text-petrol">fall</span>
                    </h1>
                    <p className="mb-4 text-ink-soft">
                        {search.has('back') && back !== '/' ? t('sign-in.back') : t('sign-in.lead')}
                    </p>
                    <form
                        className="flex flex-col gap-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            signIn.mutate(given);
                        }}
                    >
                        <TextField
                            label={t('sign-in.name')}
                            autoComplete="username"
                            autoFocus
                            name="name"
                            value={given.name}
                            error={fields.name}
                            onChange={({ target }) => setGiven({ ...given, name: target.value })}
                        />
                        <TextField
                            label={t('sign-in.password')}
                            type="password"
                            autoComplete="current-password"
                            name="password"
                            value={given.password}
                            error={fields.password}
                            onChange={({ target }) => setGiven({ ...given, password: target.value })}
                        />
                        {signIn.error !== null && Object.keys(fields).length === 0 && (
                            <p role="alert">{signIn.error.message}</p>
                        )}
                        <Button type="submit" kind="main" disabled={signIn.isPending} shortcut="↵">
                            {t('sign-in.submit')}
                        </Button>
                    </form>
                </Paper>
            </div>
            <Link to="/join" className="text-petrol underline">
                {t('sign-in.join')}
            </Link>
            {demo && (
                <p className="max-w-120 border border-ink-soft px-4 py-2 text-center">{t('sign-in.demo')}</p>
            )}
            <p className="max-w-120 text-center text-small text-ink-soft">{t('app.trains')}</p>
        </main>
    );
}
