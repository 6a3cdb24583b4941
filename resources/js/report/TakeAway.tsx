import { PaperHeading } from '../ui/Paper';
import { t } from '../words/words';

/** No more than three things to remember, the gravest first. */
const MOST = 3;

export function TakeAway({ mistakes }: { mistakes: { id: string; step: number }[] }) {
    return (
        <div className="mt-3 mb-3">
            <PaperHeading>{t('report.take-away')}</PaperHeading>
            {mistakes.length === 0 && <p>{t('report.no-mistake')}</p>}
            <ol className="list-decimal pl-5">
                {mistakes.slice(0, MOST).map(({ id, step }) => (
                    <li key={id} className="py-0.5">
                        {t(`mistake.${id}`)}{' '}
                        <a href={`#step-${step}`} className="text-small text-petrol underline">
                            {t('report.rests', { step })}
                        </a>
                    </li>
                ))}
            </ol>
        </div>
    );
}
