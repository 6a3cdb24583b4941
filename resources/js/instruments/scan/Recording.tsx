import type { Car, Observation, ShownSeries } from '../../api/types';
import { isNumber, isSeries } from '../../words/shown';
import { t } from '../../words/words';
import { fixed } from '../../words/reader';
import { tenths } from '../../ui/tenths';

const SIZE = { width: 288, height: 138, left: 26, bottom: 16, top: 8 };
/** One for each channel: told apart by their dashes, not by colour. */
const DASHES = ['', '5 2', '2 2', '7 2 2 2', '1 3', '9 3'];
const KILOMETRES_PER_HOUR = 3.6;

/** The wheel speeds over a drive, or around the moment a code was set. */
export function Recording({ car, observation: { values }, channel }: Props) {
    if (values.triggered === 'no') return <p className="text-reading">{t('scan.no-trigger')}</p>;
    const tracks = car.channels.flatMap(({ id }, index) => {
        const series = values[`${id}.speed`];
        return isSeries(series) ? [{ id, series, dash: DASHES[index % DASHES.length] }] : [];
    });
    const { at } = values;
    const seconds = length(tracks[0]?.series);
    const fastest = Math.max(10, ...tracks.map(({ series }) => kmh(series, Math.max(...series.steps))));
    const top = Math.ceil(fastest / 10) * 10;
    const x = (second: number) => SIZE.left + (second / seconds) * (SIZE.width - SIZE.left);
    const y = (speed: number) => SIZE.top + (1 - speed / top) * (SIZE.height - SIZE.top - SIZE.bottom);
    return (
        <>
            {values.code !== undefined && (
                <p className="text-reading">{t('scan.triggered', { code: String(values.code) })}</p>
            )}
            <svg
                viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
                role="img"
                aria-label={`${t('scan.graph')}: ${tracks.map(({ id, series }) => `${id} ${span(series)}`).join(', ')} ${t('bay.kmh')}`}
                className="w-full"
            >
                {[0, top / 2, top].map((speed) => (
                    <g key={speed}>
                        <line
                            x1={SIZE.left}
                            x2={SIZE.width}
                            y1={y(speed)}
                            y2={y(speed)}
                            className="stroke-slate-line"
                        />
                        <text
                            x={SIZE.left - 4}
                            y={y(speed) + 4}
                            textAnchor="end"
                            className="tabular fill-slate-soft text-[10px]"
                        >
                            {speed}
                        </text>
                    </g>
                ))}
                {isNumber(at) && (
                    <line
                        x1={x(at.si)}
                        x2={x(at.si)}
                        y1={SIZE.top}
                        y2={SIZE.height - SIZE.bottom}
                        className="stroke-amber-lit"
                        strokeWidth={2}
                    />
                )}
                {tracks.map(({ id, series, dash }) => (
                    <polyline
                        key={id}
                        points={series.steps
                            .map(
                                (step, index) =>
                                    `${tenths(x(index * series.secondsPerSample))},${tenths(y(kmh(series, step)))}`,
                            )
                            .join(' ')}
                        strokeDasharray={dash}
                        strokeWidth={id === channel ? 2.4 : 1.2}
                        className={`fill-none ${id === channel ? 'stroke-reading' : 'stroke-slate-soft'}`}
                    />
                ))}
                <text
                    x={SIZE.width}
                    y={SIZE.height - 3}
                    textAnchor="end"
                    className="tabular fill-slate-soft text-[10px]"
                >
                    {t('scan.seconds', { seconds: fixed(seconds, 0) })}
                </text>
                <text x={SIZE.left} y={SIZE.height - 3} className="tabular fill-slate-soft text-[10px]">
                    {t('bay.kmh')}
                </text>
            </svg>
            <ul className="grid grid-cols-4 gap-x-2">
                {tracks.map(({ id, dash }) => (
                    <li key={id} className="flex items-center gap-2 text-small">
                        <svg viewBox="0 0 24 6" className="h-1.5 w-6 shrink-0" aria-hidden>
                            <line
                                x1={0}
                                x2={24}
                                y1={3}
                                y2={3}
                                strokeDasharray={dash}
                                strokeWidth={2}
                                className={id === channel ? 'stroke-reading' : 'stroke-slate-soft'}
                            />
                        </svg>
                        <span>{id}</span>
                    </li>
                ))}
            </ul>
        </>
    );
}

interface Props {
    car: Car;
    observation: Observation;
    channel: string;
}

function kmh(series: ShownSeries, step: number): number {
    return step * series.resolution * KILOMETRES_PER_HOUR;
}

function length(series: ShownSeries | undefined): number {
    return series === undefined ? 1 : series.steps.length * series.secondsPerSample;
}

/** From the least to the greatest, in words for whoever does not see the lines. */
function span(series: ShownSeries): string {
    return `${fixed(kmh(series, Math.min(...series.steps)), 0)}–${fixed(kmh(series, Math.max(...series.steps)), 0)}`;
}
