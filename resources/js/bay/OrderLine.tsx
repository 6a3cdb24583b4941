import type { Step } from '../api/types';
import { t } from '../words/words';

const ORDER: [string, (steps: Step[]) => boolean][] = [
    ['complaint', () => true],
    ['verify', (steps) => did(steps, 'look-at-lamps')],
    ['codes', (steps) => ['read-codes', 'watch-lamp', 'cycle-power'].some((kind) => did(steps, kind))],
    ['look', (steps) => did(steps, 'look')],
    ['measure', (steps) => did(steps, 'measure')],
    ['repair', (steps) => did(steps, 'repair')],
    [
        'prove',
        (steps) =>
            steps.some(
                (step, position) =>
                    ['road-test', 'record-drive'].includes(step.action.do) &&
                    step.observation.refusal === '' &&
                    did(steps.slice(0, position), 'repair'),
            ),
    ],
];

function did(steps: Step[], kind: string): boolean {
    return steps.some((step) => step.action.do === kind && step.observation.refusal === '');
}

/** The order of work as a line that fills with what has been done. */
export function OrderLine({ steps }: { steps: Step[] }) {
    return (
        <ol aria-label={t('bay.order')} className="flex items-center gap-3 text-small">
            {ORDER.map(([name, isDone]) => {
                const done = isDone(steps);
                return (
                    <li key={name} className={`flex items-center gap-1.5 ${done ? '' : 'text-ink-soft'}`}>
                        <span
                            aria-hidden
                            className={`w-4 border-t-2 ${done ? 'border-petrol' : 'border-dotted border-ink-soft'}`}
                        />
                        {t(`order.${name}`)}
                        {done && <span className="sr-only">, {t('order.done')}</span>}
                    </li>
                );
            })}
        </ol>
    );
}
