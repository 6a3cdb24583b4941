import type { Marking } from '../api/types';
import { t } from '../words/words';

function words({ state, before, hasWorker }: Marking): string {
    if (state === 'failed') return t('report.marks-failed');
    if (!hasWorker) return t('report.no-worker');
    return state === 'under-way' ? t('report.being-marked') : t('report.marks-waiting', { count: before });
}

/** A closed job whose marks are still to come: what is done about them, and that nobody needs to reload. */
export function BeingMarked({ marking }: { marking: Marking }) {
    const waits = marking.state !== 'failed' && marking.hasWorker;

    return (
        <p role="status" className="mb-3 border-l-4 border-ink pl-2 text-large">
            <span aria-hidden>{waits ? '◔' : '△'} </span>
            {words(marking)}
        </p>
    );
}
