import type { PasswordForOnce } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

/** A password for once, large enough to be read across a desk; it is told this one time. */
export function ForOnce({ given, onClose }: { given: PasswordForOnce | null; onClose: () => void }) {
    return (
        <Dialog title={t('people.given')} open={given !== null} onClose={onClose}>
            <dl className="mb-3 grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1">
                <dt className="text-ink-soft">{t('people.name')}</dt>
                <dd>{given?.name}</dd>
                <dt className="text-ink-soft">{t('people.sign-in')}</dt>
                <dd className="font-mono text-large">{given?.signIn}</dd>
                <dt className="text-ink-soft">{t('people.password')}</dt>
                <dd className="font-mono text-title">{given?.password}</dd>
            </dl>
            <p className="mb-4">{t('people.given-about')}</p>
            <Button kind="main" onClick={onClose}>
                {t('people.noted')}
            </Button>
        </Dialog>
    );
}
