import { Dialog } from '../ui/Dialog';
import { KeyCap } from '../ui/KeyCap';
import { t } from '../words/words';

const KEYS = ['tab', 'arrows', '1-2', 'M', 'S', 'L', 'U', 'T', 'P', 'N', 'G', 'B', 'W', 'V', 'C'] as const;

/** The keys of the bay, and what is marked in this job. */
export function KeysDialog({
    open,
    onClose,
    weights,
    demandsReading,
}: {
    open: boolean;
    onClose: () => void;
    weights: Record<string, number>;
    demandsReading: boolean;
}) {
    return (
        <Dialog title={t('bay.help')} open={open} onClose={onClose}>
            <dl className="mb-4">
                {KEYS.map((key) => (
                    <div key={key} className="flex gap-3 border-b border-rule py-1">
                        <dt className="w-16">
                            <KeyCap>{t(`key-name.${key}`)}</KeyCap>
                        </dt>
                        <dd>{t(`key.${key}`)}</dd>
                    </div>
                ))}
            </dl>
            <h3 className="border-b border-ink">{t('bay.weights')}</h3>
            <ul>
                {Object.entries(weights).map(([criterion, points]) => (
                    <li key={criterion} className="flex justify-between border-b border-rule py-1">
                        <span>{t(`criterion.${criterion}.rule`)}</span>
                        <span className="tabular">{points}</span>
                    </li>
                ))}
            </ul>
            <p className="mt-2 border-l-4 border-ink pl-2 text-small">
                {t(demandsReading ? 'policy.demands-reading' : 'policy.by-cost')}
            </p>
        </Dialog>
    );
}
