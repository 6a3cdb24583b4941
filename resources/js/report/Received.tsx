import type { Report } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { day } from '../words/reader';
import { t } from '../words/words';
import { opensWhen } from '../words/release';

/** A closed job whose report is not open yet. */
export function Received({ report }: { report: Report }) {
    return (
        <>
            <p role="status" className="mb-3 border-l-4 border-ink pl-2 text-large">
                <span aria-hidden>◔ </span>
                {t('report.received', { when: report.concludedAt === null ? '' : day(report.concludedAt) })}
            </p>
            <p className="mb-3">
                {opensWhen(report.release)} {t('report.received-then')}
            </p>
            <PaperHeading>{t('report.complaint')}</PaperHeading>
            <p className="text-ink-soft">{report.complaint}</p>
        </>
    );
}
