import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { z } from 'zod';
import { api, Refused, taken } from '../api/client';
import { useSession, useSignedIn } from '../app/session';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { Paper } from '../ui/Paper';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

/** The server says what is wrong with them. */
const account = z.object({ name: z.string(), password: z.string() });

export function SignInPage() {
    const form = useCheckedForm(account, { name: '', password: '' });
    const [search] = useSearchParams();
    const back = search.get('back') ?? '/';
    const navigate = useNavigate();
    const signedIn = useSignedIn();
    const signIn = useMutation({
        mutationFn: async (body: z.output<typeof account>) => {
            await taken(api.GET('/api/session')); // brings a fresh token where the old one has gone
            return taken(api.POST('/api/session', { body }));
        },
        onSuccess: (user) => {
            signedIn(user);
            void navigate(back.startsWith('/') ? back : '/', { replace: true });
        },
        onError: (error) => error instanceof Refused && form.refuse(error.fields),
    });
    const demo = useSession().data?.demo ?? false;
    const fields = signIn.error instanceof Refused ? signIn.error.fields : {};

    return (
        <main className="flex h-full flex-col items-center justify-center gap-4 p-4">
            <div className="corner-marks p-8">
                <Paper label={t('sign-in.title')} className="w-88">
                    <h1 className="text-title">
                        Lern<span className="text-petrol">fall</span>
                    </h1>
                    <p className="mb-4 text-ink-soft">
                        {search.has('back') && back !== '/' ? t('sign-in.back') : t('sign-in.lead')}
                    </p>
                    <form
                        className="flex flex-col gap-3"
                        onSubmit={form.sending((given) => signIn.mutate(given))}
                    >
                        <TextField
                            label={t('sign-in.name')}
                            autoComplete="username"
                            autoFocus
                            {...form.field('name')}
                        />
                        <TextField
                            label={t('sign-in.password')}
                            type="password"
                            autoComplete="current-password"
                            {...form.field('password')}
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
