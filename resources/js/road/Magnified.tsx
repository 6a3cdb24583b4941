import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { RoadPlay, RoadWheel } from '../api/types';
import { runsOf, secondsOf } from './drive';
import { PhaseMark } from './PhaseMark';

const SIZE = { width: 120, height: 36 };
const STRIP = 8;
/** Of the drive on either side of the moment. */
const HALF_SECONDS = 0.15;

interface Props {
    play: RoadPlay;
    wheel: RoadWheel;
    second: number;
    bar: number;
    x: number;
    y: number;
}

/** The pressure and what the module wants around the moment, drawn wide: single steps are too short to be seen in the whole. */
export function Magnified({ play, wheel, second, bar, x: left, y: top }: Props) {
    const x = scaleLinear([second - HALF_SECONDS, second + HALF_SECONDS], [left, left + SIZE.width]).clamp(
        true,
    );
    const y = scaleLinear([0, bar], [top + SIZE.height - STRIP - 3, top + 2]);
    const near = wheel.bar
        .map((value, position): [number, number] => [position * play.secondsPerSample, value])
        .filter(([at]) => Math.abs(at - second) <= HALF_SECONDS);
    return (
        <g aria-hidden>
            <rect
                x={left}
                y={top}
                width={SIZE.width}
                height={SIZE.height}
                className="fill-slate-raised stroke-lead-one"
            />
            <path
                d={
                    line<[number, number]>()
                        .digits(1)
                        .x(([at]) => x(at))
                        .y(([, value]) => y(value))(near) ?? ''
                }
                className="fill-none stroke-reading"
            />
            {runsOf(wheel, secondsOf(play))
                .filter(({ from, to }) => to > second - HALF_SECONDS && from < second + HALF_SECONDS)
                .map(({ from, to, phase }) => (
                    <PhaseMark
                        key={from}
                        phase={phase}
                        x={x(from)}
                        y={top + SIZE.height - STRIP}
                        width={x(to) - x(from)}
                        height={STRIP - 1}
                    />
                ))}
            <line
                x1={left + SIZE.width / 2}
                x2={left + SIZE.width / 2}
                y1={top}
                y2={top + SIZE.height}
                className="stroke-lead-one"
            />
        </g>
    );
}
