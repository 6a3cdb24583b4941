import type { MarkSheet } from '../api/types';
import { t } from '../words/words';
import { opening } from './opening';

/** What the report begins with: three sentences, each with the step it is about. */
export function Opening({ sheet }: { sheet: MarkSheet }) {
    return (
        <dl className="mb-3 border-l-4 border-petrol pl-3">
            {opening(sheet).map(({ heading, text, step }) => (
                <div key={heading} className="py-0.5">
                    <dt className="inline font-semibold">{heading}: </dt>
                    <dd className="inline">
                        {text}{' '}
                        {step !== null && (
                            <a href={`#step-${step}`} className="text-small text-petrol underline">
                                {t('report.rests', { step })}
                            </a>
                        )}
                    </dd>
                </div>
            ))}
        </dl>
    );
}
