import { lazy, type ComponentType } from 'react';
import { Unanswered } from '../api/client';
import { loadWords, t } from '../words/words';
import { FailedPage } from './Loading';

/**
 * A page is loaded when it is first opened: nobody waits at the door for what lies behind it. Where it does not come, because the
 * server is away or has become a newer one meanwhile, that is said, and opening everything anew helps.
 */
export function page<K extends string>(load: () => Promise<Record<K, ComponentType>>, name: K) {
    return lazy(async () => {
        try {
            const [loaded] = await Promise.all([load(), loadWords(name)]);
            return { default: loaded[name] };
        } catch {
            return { default: Unreached as ComponentType };
        }
    });
}

function Unreached() {
    return (
        <FailedPage what={t('wait.page')} error={new Unanswered()} onRetry={() => window.location.reload()} />
    );
}
