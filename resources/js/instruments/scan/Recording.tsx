import type { Car, Observation, ShownSeries } from '../../api/types';
import { isNumber, isSeries } from '../../words/shown';
import { t } from '../../words/words';
import { fixed } from '../../words/reader';
import { tenths } from '../../ui/tenths';

const WIDTH = 288;
const LEFT = 30;
const RIGHT = 30;
const LANE = 42;
const INSET = 5;
const FOOT = 16;
const KILOMETRES_PER_HOUR = 3.6;

interface Props {
    car: Car;
    observation: Observation;
    channel: string;
}

interface Track {
    id: string;
    series: ShownSeries;
}

/** The wheel speeds over a drive, or around the moment a code was set: a lane each, all to one scale, with what the fastest of them did behind it. */
export function Recording({ car, observation: { values }, channel }: Props) {
    if (values.triggered === 'no') return <p className="text-reading">{t('scan.no-trigger')}</p>;
    const tracks = car.channels.flatMap(({ id }): Track[] => {
        const series = values[`${id}.speed`];
        return isSeries(series) ? [{ id, series }] : [];
    });
    const { at } = values;
    const seconds = length(tracks[0]?.series);
    const fastest = envelope(tracks);
    const top = Math.ceil(Math.max(10, ...fastest) / 10) * 10;
    const height = tracks.length * LANE + FOOT;
    const x = (second: number) => LEFT + (second / seconds) * (WIDTH - LEFT - RIGHT);
    const y = (lane: number, speed: number) => (lane + 1) * LANE - INSET - (speed / top) * (LANE - 2 * INSET);
    const line = (lane: number, speeds: number[], secondsPerSample: number) =>
        speeds
            .map((speed, index) => `${tenths(x(index * secondsPerSample))},${tenths(y(lane, speed))}`)
            .join(' ');
    return (
        <>
            {values.code !== undefined && (
                <p className="text-reading">{t('scan.triggered', { code: String(values.code) })}</p>
            )}
            <svg
                viewBox={`0 0 ${WIDTH} ${height}`}
                role="img"
                aria-label={`${t('scan.graph')}: ${tracks.map(({ id, series }) => `${id} ${span(series)}`).join(', ')} ${t('bay.kmh')}`}
                className="w-full shrink-0"
            >
                {tracks.map(({ id, series }, lane) => (
                    <g key={id}>
                        <line
                            x1={LEFT}
                            x2={WIDTH - RIGHT}
                            y1={y(lane, 0)}
                            y2={y(lane, 0)}
                            className="stroke-slate-line"
                        />
                        <text
                            x={4}
                            y={y(lane, top / 2) + 4}
                            className={`tabular text-[12px] font-semibold ${id === channel ? 'fill-reading' : 'fill-slate-soft'}`}
                        >
                            {id}
                        </text>
                        <text
                            x={WIDTH - RIGHT + 3}
                            y={y(lane, top) + 7}
                            className="tabular fill-slate-soft text-[10px]"
                        >
                            {top}
                        </text>
                        <text
                            x={WIDTH - RIGHT + 3}
                            y={y(lane, 0)}
                            className="tabular fill-slate-soft text-[10px]"
                        >
                            0
                        </text>
                        <polyline
                            points={line(lane, fastest, series.secondsPerSample)}
                            strokeDasharray="1 3"
                            className="fill-none stroke-slate-soft"
                        />
                        <polyline
                            points={line(lane, speedsOf(series), series.secondsPerSample)}
                            strokeWidth={id === channel ? 2.2 : 1.4}
                            className={`fill-none ${id === channel ? 'stroke-reading' : 'stroke-slate-text'}`}
                        />
                    </g>
                ))}
                {isNumber(at) && (
                    <line
                        x1={x(at.si)}
                        x2={x(at.si)}
                        y1={0}
                        y2={height - FOOT}
                        className="stroke-amber-lit"
                        strokeWidth={2}
                    />
                )}
                <text
                    x={WIDTH - RIGHT}
                    y={height - 3}
                    textAnchor="end"
                    className="tabular fill-slate-soft text-[10px]"
                >
                    {t('scan.seconds', { seconds: fixed(seconds, 0) })}
                </text>
                <text x={LEFT} y={height - 3} className="tabular fill-slate-soft text-[10px]">
                    {t('scan.lanes')}
                </text>
            </svg>
        </>
    );
}

function speedsOf({ steps, resolution }: ShownSeries): number[] {
    return steps.map((step) => step * resolution * KILOMETRES_PER_HOUR);
}

/** At each moment the fastest of all: nearly always how fast the car went. */
function envelope(tracks: Track[]): number[] {
    const all = tracks.map(({ series }) => speedsOf(series));
    return (all[0] ?? []).map((_, index) => Math.max(...all.map((speeds) => speeds[index] ?? 0)));
}

function length(series: ShownSeries | undefined): number {
    return series === undefined ? 1 : series.steps.length * series.secondsPerSample;
}

/** From the least to the greatest, in words for whoever does not see the lines. */
function span(series: ShownSeries): string {
    const speeds = speedsOf(series);
    return `${fixed(Math.min(...speeds), 0)}–${fixed(Math.max(...speeds), 0)}`;
}
