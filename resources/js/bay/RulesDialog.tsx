import type { Policy } from '../api/types';
import { Rules } from '../policy/Rules';
import { weighed } from '../policy/weighed';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

interface Props {
    open: boolean;
    onClose: () => void;
    policy: Policy;
    unsafeActs: string[];
    withheld: string[];
}

/** What is marked in this job, and by which rules: told before anything is done. */
export function RulesDialog({ open, onClose, policy, unsafeActs, withheld }: Props) {
    return (
        <Dialog title={t('bay.weights')} open={open} onClose={onClose}>
            <ul>
                {weighed(policy).map(([criterion, points]) => (
                    <li key={criterion} className="flex justify-between border-b border-rule py-1">
                        <span>{t(`criterion.${criterion}.rule`)}</span>
                        <span className="tabular">{points}</span>
                    </li>
                ))}
            </ul>
            <Rules policy={policy} unsafeActs={unsafeActs} />
            {withheld.length > 0 && (
                <p className="mt-2">
                    {t('bay.withheld', { tools: withheld.map((tool) => t(`tool.${tool}`)).join(', ') })}
                </p>
            )}
        </Dialog>
    );
}
