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
}

/** What is marked in this job, and by which rules: told before anything is done. */
export function RulesDialog({ open, onClose, policy, unsafeActs }: Props) {
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
        </Dialog>
    );
}
