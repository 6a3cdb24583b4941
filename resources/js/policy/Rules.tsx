import type { Policy } from '../api/types';
import { t } from '../words/words';

/** What a policy says beyond its points, sentence by sentence: only where it is not the usual. */
export function Rules({ policy, unsafeActs = [] }: { policy: Policy; unsafeActs?: string[] }) {
    const { schools } = policy;
    const sentences = [
        t(policy.replacing === 'reading' ? 'policy.demands-reading' : 'policy.by-cost'),
        ...(schools.firstTest === 'free' ? [] : [t(`school.firstTest.${schools.firstTest}`)]),
        ...(schools.comparing === 'free' ? [] : [t(`school.comparing.${schools.comparing}`)]),
        ...(schools.ohmsOnActive === 'weak' ? [] : [t(`school.ohmsOnActive.${schools.ohmsOnActive}`)]),
        t(`school.twoRepairs.${schools.twoRepairs}`),
        ...(schools.lampOut === 'read-again' ? [] : [t(`school.lampOut.${schools.lampOut}`)]),
        ...(policy.safetyCap === null
            ? []
            : [t('policy.cap', { percent: Math.round(100 * policy.safetyCap) })]),
    ];
    return (
        <div className="mt-2 space-y-1 border-l-4 border-ink pl-2 text-small">
            {sentences.map((sentence) => (
                <p key={sentence}>{sentence}</p>
            ))}
            {policy.safetyCap !== null && unsafeActs.length > 0 && (
                <p>
                    {t('policy.unsafe')}: {unsafeActs.map((act) => t(`unsafe.${act}`)).join('; ')}.
                </p>
            )}
        </div>
    );
}
