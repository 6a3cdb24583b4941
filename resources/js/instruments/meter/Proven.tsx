import type { Attempt } from '../../api/types';
import { displayed } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';

/** What the meter showed when it was proved last: its leads shorted, then on the battery. */
export function Proven({ attempt }: { attempt: Attempt }) {
    const { shorted, battery, fuse } = lastOf(attempt.steps, 'prove-meter')?.observation.values ?? {};
    if (!isNumber(shorted) || !isNumber(battery)) return null;
    return (
        <p role="status" className="tabular text-small text-reading">
            {t('prove.shown', {
                ohms: displayed(shorted),
                volts: displayed(battery),
                fuse: t(`prove.${String(fuse)}`),
            })}
        </p>
    );
}
