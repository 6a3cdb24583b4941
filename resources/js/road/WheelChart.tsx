import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { t } from '../words/words';
import { fixed, number } from '../words/reader';
import { THIN_SPACE } from '../words/quantities';
import {
    KILOMETRES_PER_HOUR,
    type Shown,
    percent,
    phaseAt,
    pullsAway,
    runsOf,
    sampleAt,
    secondsOf,
    spokenPhase,
} from './drive';
import { Magnified } from './Magnified';
import { PhaseMark } from './PhaseMark';

const SIZE = { width: 440, height: 146 };
const LEFT = 32;
const RIGHT = SIZE.width - 4;
const SPEEDS = { top: 5, foot: 74 };
const BARS = { top: 82, foot: 112 };
const STRIP = { top: 117, height: 9 };
const PUMP = { top: 129, height: 4 };

export interface Scales {
    seconds: number;
    kilometresPerHour: number;
    bar: number;
}

interface Props {
    shown: Shown[];
    wheel: number;
    scales: Scales;
    second: number;
}

/** One wheel over a drive: its speed beside the car's, the pressure at its brake, what the module wants, and when the pump turns. The second drive is dashed. */
export function WheelChart({ shown, wheel, scales, second }: Props) {
    const [first] = shown;
    if (first === undefined) return null;
    const x = scaleLinear([0, scales.seconds], [LEFT, RIGHT]);
    const speed = scaleLinear([0, scales.kilometresPerHour], [SPEEDS.foot, SPEEDS.top]);
    const bar = scaleLinear([0, scales.bar], [BARS.foot, BARS.top]);
    const one = first.play.wheels[wheel]!;
    const sample = sampleAt(first.play, second);
    const phase = phaseAt(one, second);
    return (
        <figure className="flex min-h-0 min-w-0 flex-col">
            <figcaption className="flex items-baseline justify-between gap-3 px-1 text-small">
                <span className="font-semibold text-reading">{t(`road.wheel-${wheel}`)}</span>
                <span className="tabular text-slate-text">
                    {t('road.slip', { percent: percent(one.slip[sample]!) })}
                </span>
                <span className="tabular text-slate-text">
                    {fixed(one.bar[sample]!, 0)}
                    {THIN_SPACE}bar
                </span>
                <span className="flex w-24 items-center justify-end gap-1.5 text-reading">
                    <svg viewBox="0 0 14 10" className="h-2.5 w-3.5" aria-hidden>
                        <PhaseMark phase={phase} x={0} y={0} width={14} height={10} />
                    </svg>
                    {spokenPhase(first, phase)}
                </span>
            </figcaption>
            <svg
                viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
                preserveAspectRatio="none"
                role="img"
                aria-label={t('road.chart', { wheel: t(`road.wheel-${wheel}`) })}
                className="min-h-0 w-full flex-1"
            >
                {speed.ticks(2).map((tick) => (
                    <g key={tick}>
                        <line
                            x1={LEFT}
                            x2={RIGHT}
                            y1={speed(tick)}
                            y2={speed(tick)}
                            className="stroke-slate-line"
                        />
                        <Tick x={LEFT - 4} y={speed(tick) + 3.5} text={number(tick)} />
                    </g>
                ))}
                {bar.ticks(1).map((tick) => (
                    <Tick key={tick} x={LEFT - 4} y={bar(tick) + 3.5} text={number(tick)} />
                ))}
                {x.ticks(5).map((tick) => (
                    <g key={tick}>
                        <line
                            x1={x(tick)}
                            x2={x(tick)}
                            y1={SPEEDS.top}
                            y2={BARS.foot}
                            className="stroke-slate-line"
                        />
                        <text
                            x={x(tick)}
                            y={SIZE.height - 2}
                            textAnchor="middle"
                            className="tabular fill-slate-soft text-[10px]"
                        >
                            {number(tick)}
                        </text>
                    </g>
                ))}
                {[...shown].reverse().map(({ name, play }) => {
                    const isFirst = name === first.name;
                    const at = (_: number, position: number) => x(position * play.secondsPerSample);
                    const drawn = play.wheels[wheel]!;
                    const kmh = (value: number) => speed(KILOMETRES_PER_HOUR * value);
                    const speeds = line<number>().digits(1).x(at).y(kmh);
                    const dash = isFirst ? undefined : '3 3';
                    return (
                        <g key={name} className="fill-none">
                            {isFirst && (
                                <path
                                    d={
                                        area<number>()
                                            .digits(1)
                                            .x(at)
                                            .y0((_, position) => kmh(play.speed[position]!))
                                            .y1(kmh)(drawn.speed) ?? ''
                                    }
                                    className="fill-slate-soft/45"
                                />
                            )}
                            <path
                                d={speeds(play.speed) ?? ''}
                                strokeDasharray={dash}
                                strokeWidth={isFirst ? 2 : 1}
                                className={isFirst ? 'stroke-reading' : 'stroke-slate-soft'}
                            />
                            <path
                                d={speeds(drawn.speed) ?? ''}
                                strokeDasharray={dash}
                                className={isFirst ? 'stroke-slate-text' : 'stroke-slate-soft'}
                            />
                            {isFirst && (
                                <path
                                    d={speeds(drawn.counted) ?? ''}
                                    strokeDasharray="2 2"
                                    className="stroke-lead-one"
                                />
                            )}
                            {isFirst && (
                                <path
                                    d={area<number>().digits(1).x(at).y0(BARS.foot).y1(bar)(drawn.bar) ?? ''}
                                    className="fill-slate-soft/45"
                                />
                            )}
                            <path
                                d={line<number>().digits(1).x(at).y(bar)(drawn.bar) ?? ''}
                                strokeDasharray={dash}
                                className={isFirst ? 'stroke-reading' : 'stroke-slate-soft'}
                            />
                        </g>
                    );
                })}
                {runsOf(one, secondsOf(first.play)).map(({ from, to, phase: wanted }) => (
                    <PhaseMark
                        key={from}
                        phase={wanted}
                        x={x(from)}
                        y={STRIP.top}
                        width={Math.max(0.5, x(to) - x(from))}
                        height={STRIP.height}
                    />
                ))}
                {pumped(first.play.pump, secondsOf(first.play)).map(([from, to]) => (
                    <rect
                        key={from}
                        x={x(from)}
                        y={PUMP.top}
                        width={x(to) - x(from)}
                        height={PUMP.height}
                        className="fill-none stroke-slate-soft"
                    />
                ))}
                <line
                    x1={x(second)}
                    x2={x(second)}
                    y1={SPEEDS.top}
                    y2={PUMP.top + PUMP.height}
                    className="stroke-lead-one"
                    strokeWidth={1.5}
                />
                <Magnified
                    play={first.play}
                    wheel={one}
                    second={second}
                    bar={scales.bar}
                    x={pullsAway(first.play) ? LEFT + 4 : RIGHT - 124}
                    y={SPEEDS.top}
                />
            </svg>
        </figure>
    );
}

function Tick({ x, y, text }: { x: number; y: number; text: string }) {
    return (
        <text x={x} y={y} textAnchor="end" className="tabular fill-slate-soft text-[10px]">
            {text}
        </text>
    );
}

/** From when to when the pump turns. */
function pumped(changes: number[], seconds: number): [number, number][] {
    return changes.flatMap((from, position) =>
        position % 2 === 0 ? [[from, changes[position + 1] ?? seconds] as [number, number]] : [],
    );
}
