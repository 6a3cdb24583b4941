import { Link } from 'react-router';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { NameForm } from './NameForm';
import { SettingsForm } from './SettingsForm';
import { PasswordForm } from './PasswordForm';

/** What everybody may change of their own. */
export function AccountPage() {
    const user = useSession().data?.user;
    if (user == null) return null;
    return (
        <Page title={t('account.title')} right={<WhoAmI />}>
            <div className="grid max-h-full max-w-220 auto-rows-max grid-cols-2 overflow-auto items-start gap-4">
                <Paper label={t('account.password')}>
                    <PaperHeading>{t('account.password')}</PaperHeading>
                    <p className="mb-3 text-ink-soft">{t('account.password-about')}</p>
                    <PasswordForm forOnce={false} />
                </Paper>
                <Paper label={t('account.name')}>
                    <PaperHeading>{t('account.name')}</PaperHeading>
                    <p className="mb-3 text-ink-soft">{t('account.signs-in-as', { name: user.signIn })}</p>
                    <NameForm name={user.name} />
                    <p className="mt-5 border-t border-floor-deep pt-3">
                        <Link to="/sign-ins" className="text-petrol underline">
                            {t('account.sign-ins')}
                        </Link>
                    </p>
                </Paper>
                <Paper label={t('account.reading')}>
                    <PaperHeading>{t('account.reading')}</PaperHeading>
                    <SettingsForm user={user} />
                </Paper>
                <Paper label={t('account.data')}>
                    <PaperHeading>{t('account.data')}</PaperHeading>
                    <p className="mb-3 text-ink-soft">{t('account.data-about')}</p>
                    <p className="flex flex-col gap-2">
                        <a href="/api/account/data" download className="text-petrol underline">
                            {t('account.data-download')}
                        </a>
                        <Link to="/kept" className="text-petrol underline">
                            {t('kept.open')}
                        </Link>
                    </p>
                </Paper>
            </div>
        </Page>
    );
}
