import type { SensiblePath as Path } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { shortMinutes } from '../words/quantities';
import { atPlace } from '../words/place';
import { t } from '../words/words';

/** The tests a sensible way would have made, beside which the path taken stands. */
export function SensiblePath({ path }: { path: Path }) {
    return (
        <div className="mb-3">
            <PaperHeading
                hint={t('report.sensible-cost', { minutes: Math.round(path.minutes), cost: path.cost })}
            >
                {t('report.sensible')}
            </PaperHeading>
            <ol className="text-small">
                <li className="flex justify-between gap-3 border-b border-rule py-1">
                    {t('report.sensible-first')}
                </li>
                {path.tests.map((test, index) => (
                    <li key={index} className="flex justify-between gap-3 border-b border-rule py-1">
                        <span>{atPlace(`test.${test.id}`, test.place)}</span>
                        <span className="tabular shrink-0">{shortMinutes(test.minutes)}</span>
                    </li>
                ))}
                {path.remedy.split('+').map((remedy) => {
                    const [kind = 'none', place = 'car'] = remedy.split('@');
                    return (
                        <li key={remedy} className="py-1 font-semibold">
                            {kind === 'none' || kind === 'beyond'
                                ? t('report.decision-none')
                                : atPlace(`repair.${kind}`, place)}
                        </li>
                    );
                })}
                {path.handedOver && <li className="py-1">{t('report.sensible-over')}</li>}
            </ol>
        </div>
    );
}
