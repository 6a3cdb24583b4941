import { Link } from 'react-router';
import { t } from '../words/words';
import { Button } from '../ui/Button';
import { Page } from './Page';

/** What is waited for, as it stands at the head of a page. */
function heading(what: string): string {
    return what.charAt(0).toUpperCase() + what.slice(1);
}

/** Says what is waited for. */
export function Loading({ what }: { what: string }) {
    return (
        <p role="status" data-loading className="p-6 text-ink-soft">
            {t('app.fetching', { what })}
        </p>
    );
}

/** The same where the page itself is not there yet. */
export function LoadingPage({ what }: { what: string }) {
    return (
        <Page title={heading(what)}>
            <Loading what={what} />
        </Page>
    );
}

export function FailedPage({ what, ...failure }: { what: string; error: Error; onRetry: () => void }) {
    return (
        <Page title={heading(what)}>
            <Failed {...failure} />
        </Page>
    );
}

export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
    return (
        <div role="alert" className="m-6 max-w-120 border-2 border-ink bg-paper p-4">
            <p className="mb-3">{error.message || t('error.unexpected')}</p>
            <div className="flex items-center gap-4">
                <Button onClick={onRetry}>{t('app.try-again')}</Button>
                <Link to="/" className="text-petrol underline">
                    {t('app.home')}
                </Link>
            </div>
        </div>
    );
}
