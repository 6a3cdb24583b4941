import { useSession, useSignOut } from '../app/session';
import { Paper } from '../ui/Paper';
import { t } from '../words/words';
import { useTitle } from '../app/useTitle';
import { PasswordForm } from './PasswordForm';

/** Before anything else, for whoever came with a password for once. */
export function ChoosePassword() {
    useTitle(t('account.choose'));
    const user = useSession().data?.user;
    const signOut = useSignOut();
    return (
        <main className="flex h-full flex-col items-center justify-center gap-4 p-4">
            <div className="corner-marks max-w-full p-8 narrow:p-3">
                <Paper label={t('account.choose')} className="w-88 max-w-full">
                    <h1 className="text-title">{t('account.choose')}</h1>
                    <p className="mb-4 text-ink-soft">
                        {t('account.choose-about', { name: user?.name ?? '' })}
                    </p>
                    <PasswordForm forOnce />
                    <p className="mt-4 text-small">
                        <button
                            type="button"
                            onClick={() => void signOut()}
                            className="text-petrol underline"
                        >
                            {t('app.sign-out')}
                        </button>
                    </p>
                </Paper>
            </div>
        </main>
    );
}
