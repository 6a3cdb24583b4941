import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { number } from '../../words/reader';
import { t } from '../../words/words';
import { runsOf, type RecordedStop, type Run, type Valve } from './recorded';

const WIDTH = 288;
const LEFT = 30;
const RIGHT = WIDTH - 26;
const LANE = 44;
const SPEEDS = { top: 4, foot: 30 };
const STRIP = { top: 33, height: 7 };
const SWITCH = 15;
const FOOT = 14;

interface Props {
    stop: RecordedStop;
    /** In seconds, the first and the second. */
    cursors: [number, number];
}

/** A lane for each wheel, with what the module takes for the car's speed dashed behind it and what it wants of the valves below; then pump and switch. */
export function RecordedChart({ stop, cursors }: Props) {
    const { wheels, reference, secondsPerSample } = stop;
    const seconds = (reference.length - 1) * secondsPerSample;
    const switches = wheels.length * LANE;
    const height = switches + 2 * SWITCH + FOOT;
    const top = Math.max(10, ...reference, ...wheels.flatMap(({ speeds }) => speeds));
    const x = scaleLinear([0, seconds], [LEFT, RIGHT]);
    const y = scaleLinear([0, top], [SPEEDS.foot, SPEEDS.top]);
    const drawn = line<number>()
        .digits(1)
        .x((_, at) => x(at * secondsPerSample))
        .y((speed) => y(speed));
    const strip = ({ from, to }: Run<unknown>) => ({
        x: x(from * secondsPerSample),
        width: Math.max(1, x(Math.min(seconds, to * secondsPerSample)) - x(from * secondsPerSample)),
    });
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${height}`}
            role="img"
            aria-label={t('stop-record.chart')}
            className="w-full shrink-0"
        >
            {wheels.map(({ id, speeds, valves }, lane) => (
                <g key={id} transform={`translate(0 ${lane * LANE})`}>
                    <text x={4} y={22} className="tabular fill-reading text-[12px] font-semibold">
                        {id}
                    </text>
                    {y.ticks(2).map((tick) => (
                        <g key={tick}>
                            <line
                                x1={LEFT}
                                x2={RIGHT}
                                y1={y(tick)}
                                y2={y(tick)}
                                className="stroke-slate-line"
                            />
                            <text
                                x={RIGHT + 3}
                                y={y(tick) + 3.5}
                                className="tabular fill-slate-soft text-[10px]"
                            >
                                {number(tick)}
                            </text>
                        </g>
                    ))}
                    <path
                        d={drawn(reference) ?? ''}
                        strokeDasharray="2 2"
                        className="fill-none stroke-slate-soft"
                    />
                    <path d={drawn(speeds) ?? ''} strokeWidth={1.5} className="fill-none stroke-slate-text" />
                    {runsOf(valves).map((run) => (
                        <ValveMark key={run.from} valve={run.state} {...strip(run)} />
                    ))}
                </g>
            ))}
            {(['pump', 'stopLamp'] as const).map((name, row) => (
                <g key={name} transform={`translate(0 ${switches + row * SWITCH})`}>
                    <text x={0} y={10} className="fill-slate-soft text-[10px]">
                        {t(`stop-record.${name}-short`)}
                    </text>
                    <line x1={LEFT} x2={RIGHT} y1={11} y2={11} className="stroke-slate-line" />
                    {runsOf(stop[name])
                        .filter(({ state }) => state)
                        .map((run) => (
                            <rect
                                key={run.from}
                                {...strip(run)}
                                y={5}
                                height={6}
                                className="fill-slate-soft"
                            />
                        ))}
                </g>
            ))}
            {stop.mark !== null && (
                <path
                    d={`M${x(Math.min(seconds, stop.mark))},0V${switches}m-4,0l4,-7l4,7z`}
                    className="fill-amber-lit stroke-amber-lit"
                />
            )}
            {cursors.map((second, which) => (
                <g key={which}>
                    <line
                        x1={x(second)}
                        x2={x(second)}
                        y1={0}
                        y2={height - FOOT}
                        strokeDasharray={which === 0 ? undefined : '5 3'}
                        className="stroke-reading"
                    />
                    <text
                        x={x(second)}
                        y={height - 3}
                        textAnchor="middle"
                        className="tabular fill-reading text-[10px] font-semibold"
                    >
                        {which + 1}
                    </text>
                </g>
            ))}
        </svg>
    );
}

interface MarkProps {
    valve: Valve;
    x: number;
    width: number;
}

/** Nothing while the pedal is let through, a low bar where the pressure is held, a full one with an edge where it is let go. */
function ValveMark({ valve, x, width }: MarkProps) {
    const { top, height } = STRIP;
    if (valve === 'as-pressed') return null;
    return valve === 'held' ? (
        <rect x={x} y={top + height / 2} width={width} height={height / 2} className="fill-slate-soft" />
    ) : (
        <path
            d={`M${x},${top}V${top + height}H${x + width}V${top + height / 2}z`}
            className="fill-lead-one"
        />
    );
}
