import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { FaultPortrait } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { PairOfPictures } from '../looks/PairOfPictures';
import { Paper, PaperHeading } from '../ui/Paper';
import { THIN_SPACE } from '../words/quantities';
import { useRowsAsBlocks } from '../ui/useRowsAsBlocks';
import { t } from '../words/words';
import { fixed } from '../words/reader';

/** What can be wrong, the most common first: how it is noticed, what puts it right, what only seems to. */
export function Faults() {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    const faults = useQuery({
        queryKey: ['fault-portraits'],
        queryFn: () => taken(api.GET('/api/fault-portraits')),
    });
    if (faults.isPending) return <Loading what={t('wait.faults')} />;
    if (faults.isError) return <Failed error={faults.error} onRetry={() => void faults.refetch()} />;
    return (
        <Paper label={t('handbook.page.faults')} className="h-full">
            <PaperHeading>{t('handbook.page.faults')}</PaperHeading>
            <p className="mb-2 text-small text-ink-soft">{t('handbook.faults-hint')}</p>
            <div
                ref={holder}
                className="rows-as-blocks min-h-0 flex-1 overflow-auto"
                tabIndex={0}
                role="group"
                aria-label={t('handbook.page.faults')}
            >
                <table className="w-full border-collapse text-left">
                    <thead className="sticky top-0 border-b border-ink bg-paper text-small">
                        <tr>
                            {['fault', 'place', 'share', 'shows', 'noticed', 'alike', 'cures', 'seeming'].map(
                                (column) => (
                                    <th key={column} scope="col" className="py-0.5 pr-4 font-semibold">
                                        {t(`handbook.fault.${column}`)}
                                    </th>
                                ),
                            )}
                        </tr>
                    </thead>
                    <tbody>
                        {faults.data.map((fault) => (
                            <Row key={fault.id} fault={fault} />
                        ))}
                    </tbody>
                </table>
            </div>
        </Paper>
    );
}

function Row({ fault }: { fault: FaultPortrait }) {
    return (
        <tr className="border-b border-rule align-top">
            <th scope="row" className="py-1 pr-4 font-semibold">
                {t(`fault.${fault.id}`)}
            </th>
            <td className="py-1 pr-4">{t(`station.${fault.station}`)}</td>
            <td className="tabular py-1 pr-4 text-right">{percent(fault.share)}</td>
            <td className="py-1 pr-4">
                {fault.provokedBy === '' ? t('bench.always') : t(`provoke.${fault.provokedBy}`)}
            </td>
            <td className="py-1 pr-4">
                {Object.entries(fault.noticed)
                    .map(([word, chance]) => `${t(`sight-short.${word}`)} (${percent(chance)})`)
                    .join(', ') || '–'}
                {fault.pictures.map((pair) => (
                    <PairOfPictures key={pair.at} of={pair} />
                ))}
            </td>
            <td className="py-1 pr-4">{fault.alike.map((kind) => t(`fault.${kind}`)).join('; ') || '–'}</td>
            <td className="py-1 pr-4">
                {fault.cures.map((kind) => t(`repair.${kind}`)).join('; ') || t('handbook.fault.none-needed')}
            </td>
            <td className="py-1">
                {[
                    ...fault.seeming.map((kind) => t(`repair.${kind}`)),
                    ...(fault.joiningCanCure ? [t('handbook.fault.joining')] : []),
                ].join('; ') || '–'}
            </td>
        </tr>
    );
}

function percent(share: number): string {
    return `${fixed(100 * share, share < 0.095 ? 1 : 0)}${THIN_SPACE}%`;
}
