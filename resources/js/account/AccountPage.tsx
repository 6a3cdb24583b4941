import { Link } from 'react-router';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { NameForm } from './NameForm';
import { PasswordForm } from './PasswordForm';

/** What everybody may change of their own. */
export function AccountPage() {
    const user = useSession().data?.user;
    if (user == null) return null;
    return (
        <Page title={t('account.title')} right={<WhoAmI />}>
            <div className="grid max-w-220 grid-cols-2 items-start gap-4">
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
            </div>
        </Page>
    );
}
