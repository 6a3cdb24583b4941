import { useId } from 'react';
import { t } from '../words/words';
import type { Surface } from './drive';

interface Props {
    patches: { metre: number; left: Surface; right: Surface }[];
    x: (metre: number) => number;
    road: { top: number; foot: number };
    end: number;
}

const FILLS: Record<Surface, string> = {
    dry: 'fill-road-dry',
    wet: 'fill-road-wet',
    snow: 'fill-road-snow',
    ice: 'fill-road-ice',
    gravel: 'fill-road-gravel',
};

/** What is drawn over the colour, so that no ground is told by its colour alone. */
const TEXTURES: Record<Surface, string> = {
    dry: '',
    wet: 'M2,5h9M14,13h8',
    snow: 'M5,5h1M16,9h1M9,15h1M20,17h1',
    ice: 'M2,6l4,-3l4,3M13,16l4,-3l4,3',
    gravel: 'M3,4h2M11,7h2M18,3h2M6,12h2M15,14h2M21,11h2M3,18h2M11,19h2',
};

/** The ground under the left and the right wheels, patch after patch, with its name. */
export function Grounds({ patches, x, road, end }: Props) {
    const id = useId();
    const middle = (road.top + road.foot) / 2;
    return (
        <g>
            <defs>
                {(Object.keys(TEXTURES) as Surface[]).map((surface) => (
                    <pattern
                        key={surface}
                        id={`${id}${surface}`}
                        width={24}
                        height={20}
                        patternUnits="userSpaceOnUse"
                    >
                        <path d={TEXTURES[surface]} className="fill-none stroke-ink/35" />
                    </pattern>
                ))}
            </defs>
            {patches.map(({ metre, left, right }, position) => {
                const from = Math.max(0, x(metre));
                const to = Math.min(end, x(patches[position + 1]?.metre ?? 10000));
                return [left, right].map((surface, side) => {
                    const top = side === 0 ? road.top : middle;
                    const height = (road.foot - road.top) / 2;
                    const isNamed = side === 0 || left !== right;
                    return (
                        <g key={`${metre} ${side}`}>
                            <rect
                                x={from}
                                y={top}
                                width={to - from}
                                height={height}
                                className={FILLS[surface]}
                            />
                            <rect
                                x={from}
                                y={top}
                                width={to - from}
                                height={height}
                                fill={`url(#${id}${surface})`}
                            />
                            {isNamed && (
                                <text
                                    x={position === 0 ? end - 8 : from + 6}
                                    y={side === 0 ? top + 12 : road.foot - 5}
                                    textAnchor={
                                        position === 0 && patches.length === 1
                                            ? 'end'
                                            : position === 0
                                              ? 'start'
                                              : 'start'
                                    }
                                    className="fill-ink text-[11px] font-semibold"
                                >
                                    {t(`footing.${surface}`)}
                                </text>
                            )}
                        </g>
                    );
                });
            })}
            {[road.top, road.foot].map((y) => (
                <line key={y} x1={0} x2={end} y1={y} y2={y} className="stroke-marking" strokeWidth={3} />
            ))}
        </g>
    );
}
