import { line } from 'd3-shape';
import type { RoadPlay } from '../api/types';
import { fixed } from '../words/reader';
import { THIN_SPACE } from '../words/quantities';
import { t } from '../words/words';
import { leavesMark, pullsAway, sampleAt, type Shown, type Surface } from './drive';
import { Grounds } from './Grounds';

const SIZE = { width: 1240, height: 108 };
const ROAD = { top: 6, foot: 72 };
const MIDDLE = (ROAD.top + ROAD.foot) / 2;
const START = 92;
const END = SIZE.width - 40;
/** No larger than that, in units a metre, or the road would be wider than the picture. */
const LARGEST = 15;
/** Of a car before its front axle and behind its rear one, in metres. */
const OVERHANG = 0.75;

/** The road from above, to scale, with the cars where they began, where they are at the moment and where they end, and the marks of their wheels. The second one is dashed. */
export function RoadFromAbove({ shown, second }: { shown: Shown[]; second: number }) {
    const farthest = Math.max(...shown.map(({ play }) => play.metres.at(-1) ?? 0));
    const scale = Math.min(LARGEST, (END - START) / (farthest + 1.5));
    const x = (metre: number) => START + metre * scale;
    const first = shown[0];
    if (first === undefined) return null;
    return (
        <svg
            viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
            role="img"
            aria-label={shown.map((one) => spoken(one)).join('; ')}
            className="block w-full rounded-part border border-floor-deep bg-floor"
        >
            <Grounds patches={patchesOf(first.play)} x={x} road={ROAD} end={SIZE.width} />
            <line
                x1={x(0)}
                x2={x(0)}
                y1={ROAD.top - 6}
                y2={SIZE.height - 6}
                className="stroke-ink"
                strokeWidth={1.5}
            />
            <text x={x(0) - 5} y={SIZE.height - 8} textAnchor="end" className="fill-ink text-[11px]">
                {t(pullsAway(first.play) ? 'road.throttle-open' : 'road.pedal-down')}
            </text>
            {[...shown].reverse().map(({ name, play }) => (
                <Drawn
                    key={name}
                    play={play}
                    sample={sampleAt(play, second)}
                    scale={scale}
                    x={x}
                    isFirst={name === first.name}
                />
            ))}
            {shown.map(({ name, play }, position) => {
                const end = x(play.metres.at(-1) ?? 0);
                const y = 83 + 15 * position;
                return (
                    <g key={name} className="stroke-ink">
                        <line
                            x1={x(0)}
                            x2={end}
                            y1={y}
                            y2={y}
                            strokeWidth={position === 0 ? 1.6 : 1}
                            strokeDasharray={position === 0 ? undefined : '4 3'}
                        />
                        <line x1={end} x2={end} y1={y - 5} y2={y + 5} />
                        <text
                            x={end + 6}
                            y={y + 4}
                            className="tabular fill-ink stroke-none text-[12px] font-semibold"
                        >
                            {`${name} ${fixed(play.metres.at(-1) ?? 0, 1)}${THIN_SPACE}m`}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}

interface DrawnProps {
    play: RoadPlay;
    sample: number;
    scale: number;
    x: (metre: number) => number;
    isFirst: boolean;
}

/** One car with its marks. Where its path is no longer worked out it is not drawn. */
function Drawn({ play, sample, scale, x, isFirst }: DrawnProps) {
    const last = play.goesRound ? Math.max(0, play.aside.length - 1) : play.metres.length - 1;
    return (
        <g>
            {play.wheels.map((wheel, position) => (
                <path
                    key={wheel.id}
                    d={
                        line<number>()
                            .digits(1)
                            .defined((at) => leavesMark(play, wheel, at))
                            .x((at) => x(placeOf(play, position, at).along))
                            .y((at) => MIDDLE - scale * placeOf(play, position, at).aside)(
                            Array.from({ length: last + 1 }, (_, at) => at),
                        ) ?? ''
                    }
                    strokeWidth={Math.max(1.5, 0.18 * scale)}
                    strokeDasharray={isFirst ? undefined : '5 4'}
                    className="fill-none stroke-ink/70"
                />
            ))}
            {[0, Math.min(sample, last), last].map((at, position) => (
                <Outline
                    key={position}
                    play={play}
                    at={at}
                    scale={scale}
                    x={x}
                    isFirst={isFirst}
                    isThere={position === 1}
                />
            ))}
        </g>
    );
}

function Outline({
    play,
    at,
    scale,
    x,
    isFirst,
    isThere,
}: Omit<DrawnProps, 'sample'> & { at: number; isThere: boolean }) {
    const length = (play.wheelbaseMetres + 2 * OVERHANG) * scale;
    const width = (play.trackMetres + 0.2) * scale;
    const turned = ((play.turned[Math.min(at, play.turned.length - 1)] ?? 0) * 180) / Math.PI;
    const [front, aside] = [
        x(play.metres[at] ?? 0),
        MIDDLE - scale * (play.aside[Math.min(at, play.aside.length - 1)] ?? 0),
    ];
    return (
        <rect
            x={front + OVERHANG * scale - length}
            y={aside - width / 2}
            width={length}
            height={width}
            rx={0.35 * scale}
            transform={`rotate(${-turned} ${front} ${aside})`}
            strokeDasharray={isFirst ? undefined : '4 3'}
            strokeWidth={isThere ? 2 : 1}
            className={`stroke-ink ${isFirst ? (isThere ? 'fill-paper' : 'fill-paper/50') : 'fill-none'}`}
        />
    );
}

/** Of a wheel on the road, in metres. */
function placeOf(play: RoadPlay, wheel: number, at: number): { along: number; aside: number } {
    const known = Math.min(at, play.aside.length - 1);
    const [turned, aside] = [play.turned[known] ?? 0, play.aside[known] ?? 0];
    const back = wheel < 2 ? 0 : play.wheelbaseMetres;
    const left = ((wheel % 2 === 0 ? 1 : -1) * play.trackMetres) / 2;
    return {
        along: play.metres[at]! - back * Math.cos(turned) - left * Math.sin(turned),
        aside: aside - back * Math.sin(turned) + left * Math.cos(turned),
    };
}

function patchesOf({ patches }: RoadPlay): { metre: number; left: Surface; right: Surface }[] {
    return patches.map((patch, position) => (position === 0 ? { ...patch, metre: -1000 } : patch));
}

function spoken({ name, play }: Shown): string {
    const metres = `${name}: ${fixed(play.metres.at(-1) ?? 0, 1)} m`;
    return play.goesRound ? `${metres}, ${t('sight-short.swings-round')}` : metres;
}
