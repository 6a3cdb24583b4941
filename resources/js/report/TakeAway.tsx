import type { MarkSheet, Step } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { lessons } from './lessons';

export function TakeAway({ sheet, steps }: { sheet: MarkSheet; steps: Step[] }) {
    return (
        <div className="mt-3 mb-3">
            <PaperHeading>{t('report.take-away')}</PaperHeading>
            <ol className="list-decimal pl-5">
                {lessons(sheet, steps).map(({ text, step }) => (
                    <li key={text} className="py-0.5">
                        {text}{' '}
                        {step !== null && (
                            <a href={`#step-${step}`} className="text-small text-petrol underline">
                                {t('report.rests', { step })}
                            </a>
                        )}
                    </li>
                ))}
            </ol>
        </div>
    );
}
