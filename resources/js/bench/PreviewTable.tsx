import type { Car, Preview, PreviewCell } from '../api/types';
import { WHOLE_CAR } from '../words/card';
import { useRowsAsBlocks } from '../ui/useRowsAsBlocks';
import { t } from '../words/words';
import { spokenValues } from './previewWords';

/** Every usual test at all four corners: bad beside good where they differ. */
export function PreviewTable({ car, preview, error }: { car: Car; preview?: Preview; error: Error | null }) {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    return (
        <section aria-label={t('bench.meets')} className="flex min-h-0 flex-1 flex-col">
            <h2 className="mb-1">{t('bench.meets')}</h2>
            {error !== null && <p role="alert">{error.message}</p>}
            {preview !== undefined && (
                <div
                    ref={holder}
                    className="rows-as-blocks min-h-0 flex-1 overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('bench.meets')}
                >
                    <table className="w-full border-collapse text-left">
                        <thead className="sticky top-0 border-b border-ink bg-floor">
                            <tr>
                                <td />
                                {car.channels.map((channel) => (
                                    <th key={channel.id} scope="col" className="px-2 py-0.5">
                                        {channel.id}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {preview.rows.map((row) => (
                                <tr key={row.test} className="border-b border-floor-deep">
                                    <th scope="row" className="py-0.5 pr-2 align-top font-normal">
                                        {t(`test.${row.test}`)}
                                    </th>
                                    {row.cells[WHOLE_CAR] !== undefined ? (
                                        <Cell
                                            test={row.test}
                                            cell={row.cells[WHOLE_CAR]}
                                            columns={car.channels.length}
                                        />
                                    ) : (
                                        car.channels.map((channel) => (
                                            <Cell
                                                key={channel.id}
                                                test={row.test}
                                                cell={row.cells[channel.id]}
                                            />
                                        ))
                                    )}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </section>
    );
}

function Cell({ test, cell, columns = 1 }: { test: string; cell?: PreviewCell; columns?: number }) {
    // a place this corner does not have
    if (cell === undefined) return <td />;
    return (
        <td
            colSpan={columns}
            className={`tabular px-2 py-0.5 align-top text-small whitespace-nowrap ${cell.differs ? 'border-l-4 border-ink bg-paper font-semibold' : ''}`}
        >
            {spokenValues(test, cell.faulty)}
            {cell.differs && (
                <span className="block font-normal text-ink-soft">
                    {t('bench.healthy', { value: spokenValues(test, cell.healthy) })}
                </span>
            )}
        </td>
    );
}
