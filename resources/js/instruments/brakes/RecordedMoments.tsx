import { fixed } from '../../words/reader';
import { t } from '../../words/words';
import type { RecordedStop } from './recorded';

interface Props {
    stop: RecordedStop;
    /** The moments shown, one column each. */
    samples: number[];
    /** Names of the columns; left out, their seconds. */
    columns?: string[];
    label: string;
}

/** What was recorded at some moments: speeds in km/h, and what the module wanted. */
export function RecordedMoments({ stop, samples, columns, label }: Props) {
    const rows = [
        ...stop.wheels.map(({ id, speeds, valves }) => ({
            name: id,
            cell: (at: number) =>
                [
                    fixed(speeds[at]!, 1),
                    ...(valves[at] === 'as-pressed' ? [] : [t(`stop-record.${valves[at]!}`)]),
                ].join(' '),
        })),
        { name: t('stop-record.reference'), cell: (at: number) => fixed(stop.reference[at]!, 1) },
        {
            name: t('stop-record.pump'),
            cell: (at: number) => t(stop.pump[at]! ? 'stop-record.on' : 'stop-record.off'),
        },
        {
            name: t('stop-record.stopLamp'),
            cell: (at: number) => t(stop.stopLamp[at]! ? 'stop-record.on' : 'stop-record.off'),
        },
    ];
    return (
        <table aria-label={label} className="tabular w-full text-right text-small">
            <thead>
                <tr className="text-slate-soft">
                    <th scope="col" className="text-left font-normal">
                        {t(columns === undefined ? 'stop-record.seconds' : 'stop-record.of')}
                    </th>
                    {samples.map((at, index) => (
                        <th key={index} scope="col" className="pl-2 font-normal">
                            {columns?.[index] ?? fixed(at * stop.secondsPerSample, 2)}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map(({ name, cell }) => (
                    <tr key={name} className="border-t border-slate-line">
                        <th
                            scope="row"
                            className="pr-2 text-left font-normal whitespace-nowrap text-slate-soft"
                        >
                            {name}
                        </th>
                        {samples.map((at, index) => (
                            <td key={index} className="whitespace-nowrap pl-2">
                                {cell(at)}
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
