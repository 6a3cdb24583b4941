import type { Rules as RuleSet } from '../api/types';
import { Rules } from '../policy/Rules';
import { weighed } from '../policy/weighed';
import { Explain } from '../ui/Explain';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

interface Props {
    open: boolean;
    onClose: () => void;
    rules: RuleSet;
    unsafeActs: string[];
    withheld: string[];
    madeElsewhere: string[];
}

/** What is marked in this job, and by which rules: told before anything is done. */
export function RulesDialog({ open, onClose, rules, unsafeActs, withheld, madeElsewhere }: Props) {
    return (
        <Dialog title={t('bay.weights')} open={open} onClose={onClose}>
            <ul>
                {weighed(rules).map(([criterion, points]) => (
                    <li key={criterion} className="flex items-center gap-2 border-b border-rule py-1">
                        <Explain what={t(`criterion.${criterion}`)} text={t(`help.rule.${criterion}`)} />
                        <span className="flex-1">{t(`criterion.${criterion}.rule`)}</span>
                        <span className="tabular">{points}</span>
                    </li>
                ))}
            </ul>
            <Rules rules={rules} unsafeActs={unsafeActs} />
            {withheld.length > 0 && (
                <p className="mt-2">
                    {t('bay.withheld', { tools: withheld.map((tool) => t(`tool.${tool}`)).join(', ') })}
                </p>
            )}
            {madeElsewhere.length > 0 && (
                <p className="mt-2">
                    {t('bay.made-elsewhere', {
                        repairs: madeElsewhere.map((one) => t(`repair.${one}`)).join(', '),
                    })}
                </p>
            )}
        </Dialog>
    );
}
