import type { RoadPlay } from '../api/types';
import { t } from '../words/words';
import type { Shown } from './drive';
import { SeatMark } from '../ui/SeatMark';

/** What the driver of each drive would tell; from here its table is opened. */
export function Told({ shown, onTable }: { shown: Shown[]; onTable: (name: string) => void }) {
    const told = shown.map(({ name, play }) => ({ name, words: inRows(play) }));
    const rows = [...new Set(told.flatMap(({ words }) => Object.keys(words)))];
    return (
        <section
            aria-label={t('road.told')}
            className="rounded-part border border-floor-deep bg-bench px-3 py-1"
        >
            <table className="w-full text-small leading-tight">
                <caption className="border-b border-ink pb-0.5 text-left text-base font-semibold">
                    {t('road.told')}
                </caption>
                <thead>
                    <tr className="text-ink-soft">
                        <td />
                        {told.map(({ name }) => (
                            <th key={name} scope="col" className="text-left font-normal">
                                <span className="font-semibold text-ink">{name}</span>{' '}
                                <button
                                    type="button"
                                    aria-label={t('road.table-of', { name })}
                                    onClick={() => onTable(name)}
                                    className="text-petrol underline"
                                >
                                    {t('road.table')}
                                </button>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row} className="border-t border-floor-deep align-top">
                            <th
                                scope="row"
                                className="py-px pr-1.5 text-left font-normal whitespace-nowrap text-ink-soft"
                            >
                                <SeatMark about={row} />
                                {row === 'marks' ? t('road.marks') : t(`tried.${row}`)}
                            </th>
                            {told.map(({ name, words }) => (
                                <td
                                    key={name}
                                    className={`py-px pr-1 ${words[row] !== told[0]?.words[row] ? 'border-l-4 border-ink pl-1.5' : ''}`}
                                >
                                    {words[row] ?? '–'}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}

/** In words, with the wheels that leave a mark, or spin, in one row. */
function inRows({ told, controlled }: RoadPlay): Record<string, string> {
    const rows: Record<string, string> = { module: t(controlled ? 'road.module-on' : 'road.module-off') };
    const wheels: Record<string, string[]> = {};
    for (const [about, word] of Object.entries(told)) {
        const [name = '', wheel = ''] = about.split('.');
        if (wheel === '') rows[name] = t(`sight-short.${word}`);
        else wheels[name] = [...(wheels[name] ?? []), ...(isRemarkable(word) ? [wheel] : [])];
    }
    for (const [name, among] of Object.entries(wheels))
        rows[name === 'mark' ? 'marks' : 'spinning'] = among.length === 0 ? t('road.none') : among.join(', ');
    return rows;
}

function isRemarkable(word: string): boolean {
    return word === 'wheel-leaves-mark' || word === 'wheel-spins';
}
