import { Link } from 'react-router';
import { t } from '../words/words';
import { Button } from '../ui/Button';

export function Loading() {
    return (
        <p role="status" data-loading className="p-6 text-ink-soft">
            {t('app.loading')}
        </p>
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
