import type { Rules as RuleSet } from '../api/types';
import { t } from '../words/words';

/** What a policy says beyond its points, sentence by sentence: only where it is not the usual. */
export function Rules({ rules, unsafeActs = [] }: { rules: RuleSet; unsafeActs?: string[] }) {
    const { schools } = rules;
    const sentences = [
        t(rules.replacing === 'reading' ? 'policy.demands-reading' : 'policy.by-cost'),
        ...(schools.firstTest === 'free' ? [] : [t(`school.firstTest.${schools.firstTest}`)]),
        ...(schools.comparing === 'free' ? [] : [t(`school.comparing.${schools.comparing}`)]),
        ...(schools.ohmsOnActive === 'weak' ? [] : [t(`school.ohmsOnActive.${schools.ohmsOnActive}`)]),
        t(`school.twoRepairs.${schools.twoRepairs}`),
        ...(schools.lampOut === 'read-again' ? [] : [t(`school.lampOut.${schools.lampOut}`)]),
        ...(schools.corrodedPlug === 'clean' ? [] : [t(`school.corrodedPlug.${schools.corrodedPlug}`)]),
        ...(rules.safetyCap === null
            ? []
            : [t('policy.cap', { percent: Math.round(100 * rules.safetyCap) })]),
    ];
    return (
        <div className="mt-2 space-y-1 border-l-4 border-ink pl-2 text-small">
            {sentences.map((sentence) => (
                <p key={sentence}>{sentence}</p>
            ))}
            {rules.safetyCap !== null && unsafeActs.length > 0 && (
                <p>
                    {t('policy.unsafe')}: {unsafeActs.map((act) => t(`unsafe.${act}`)).join('; ')}.
                </p>
            )}
        </div>
    );
}
