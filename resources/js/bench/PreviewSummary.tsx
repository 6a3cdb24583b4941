import type { CaseFields, Preview } from '../api/types';
import { PairOfPictures } from '../looks/PairOfPictures';
import { WHOLE_CAR } from '../words/card';
import { Slate } from '../ui/Slate';
import { t } from '../words/words';
import { spokenValues } from './previewWords';
import { SolvabilityCheck } from './SolvabilityCheck';
import { TryIt } from './TryIt';

interface Props {
    preview?: Preview;
    /** Where the chosen fault sits; null where nothing is wrong. */
    place: string | null;
    fields: CaseFields;
    pending: boolean;
    /** Keeps the case; null where it cannot be kept. */
    keep: () => Promise<{ id: number } | null>;
}

/** Codes of channels, of other parts, and such as a lamp blinks. */
const CODES = ['codes', 'codes-of-parts', 'lamp-codes'];

/** What stands out, in a few lines: the lamps, the codes, and where readings differ. */
export function PreviewSummary({ preview, place, fields, pending, keep }: Props) {
    if (preview === undefined)
        return (
            <Slate label={t('bench.shows')}>
                {pending && <p className="p-4">{t('app.fetching', { what: t('wait.preview') })}</p>}
            </Slate>
        );
    const codes = preview.rows.filter((row) => CODES.includes(row.test));
    const told = codes.flatMap(({ test, cells }) => Object.values(cells).map((cell) => ({ test, cell })));
    const silent = !preview.lamps.differs && told.every(({ cell }) => !cell.differs);
    const differing = preview.rows.filter(
        (row) => !CODES.includes(row.test) && Object.values(row.cells).some((cell) => cell.differs),
    );
    return (
        <Slate label={t('bench.shows')} className="h-full px-4 py-3">
            <p className="text-small text-slate-soft">{t('bench.lamps')}</p>
            <p className="text-large text-reading">{spokenValues('lamps', preview.lamps.faulty)}</p>
            <p className="mt-3 text-small text-slate-soft">{t('test.codes')}</p>
            <p className="tabular text-large text-reading">
                {[...new Set(told.map(({ test, cell }) => spokenValues(test, cell.faulty)))]
                    .filter((text) => text !== t('preview.no-code'))
                    .join(', ') || t('preview.no-code')}
            </p>
            <p className="mt-3 mb-1 text-small text-slate-soft">
                {t('bench.reading-count', { count: differing.length })}
            </p>
            <ul className="min-h-0 overflow-auto">
                {differing.map((row) => (
                    <li key={row.test} className="flex justify-between gap-3 border-b border-slate-line py-1">
                        <span>{t(`test.${row.test}`)}</span>
                        <span className="tabular shrink-0 text-small text-reading">
                            {shownAt(row, place ?? WHOLE_CAR)}
                        </span>
                    </li>
                ))}
            </ul>
            {preview.pictures.length > 0 && (
                <section aria-label={t('bench.to-be-seen')} className="mt-3">
                    <p className="mb-1 text-small text-slate-soft">{t('bench.to-be-seen')}</p>
                    {preview.pictures.map((pair) => (
                        <PairOfPictures key={`${pair.channel} ${pair.at}`} of={pair} />
                    ))}
                </section>
            )}
            {place !== null && silent && (
                <p className="mt-3 border-l-4 border-amber pl-3">{t('bench.silent')}</p>
            )}
            {place !== null && !silent && (
                <p className="mt-3 border-l-4 border-slate-soft pl-3 text-slate-soft">
                    {t('bench.codes-point')}
                </p>
            )}
            <SolvabilityCheck
                key={JSON.stringify([fields.car, fields.faults, fields.knowledge])}
                fields={fields}
            />
            <TryIt keep={keep} />
            <p className="pt-3 text-small text-slate-soft">{t('bench.computed')}</p>
        </Slate>
    );
}

/** At the place of the fault; else where the car as a whole shows it. */
function shownAt({ test, cells }: Preview['rows'][number], place: string): string {
    const cell = cells[place] ?? cells[WHOLE_CAR] ?? Object.values(cells).find((one) => one.differs);
    return cell === undefined ? '' : spokenValues(test, cell.faulty);
}
