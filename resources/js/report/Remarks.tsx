import type { News } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { day } from '../words/reader';
import { t } from '../words/words';

/** What the instructor said while the job was worked. */
export function Remarks({ remarks }: { remarks: News['remarks'] }) {
    if (remarks.length === 0) return null;
    return (
        <div className="mb-3">
            <PaperHeading>{t('report.remarks')}</PaperHeading>
            <ul>
                {remarks.map((one) => (
                    <li key={one.id} className="break-words">
                        <span className="text-small text-ink-soft">
                            {day(one.at)}, {one.from}:{' '}
                        </span>
                        {one.text}
                    </li>
                ))}
            </ul>
        </div>
    );
}
