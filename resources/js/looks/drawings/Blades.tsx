import { fixed } from '../../words/reader';
import { t } from '../../words/words';
import { blades, PLACES } from '../blades';
import type { DrawingProps } from '../shows';

const ROW = 72;
const CELL = 106;
/** As high as the gap is drawn, whatever it measures; blades are drawn as they go in. */
const GAP = 20;

/** Blades tried between tooth and sensor at four places of a turn, three next to each other at each. */
export function Blades({ shows }: DrawingProps) {
    return (
        <g>
            <rect width={400} height={300} className="fill-part-plate" />
            {PLACES.map((place, row) => (
                <g key={place} transform={`translate(0 ${8 + row * ROW})`}>
                    <text x={10} y={34} className="fill-part-ink text-[17px] stroke-none">
                        {t(`gauged.place.${place}`)}
                    </text>
                    {blades(shows, place).map((blade, cell) => (
                        <g key={cell} transform={`translate(${86 + cell * CELL} 0)`}>
                            <Cell blade={blade} goes={cell} />
                        </g>
                    ))}
                </g>
            ))}
        </g>
    );
}

/** One blade: with room above it, touching both sides, or standing before the gap with its end bent. */
function Cell({ blade, goes }: { blade: number; goes: number }) {
    return (
        <g>
            <path d="M40 0h56v14h-56Z" className="fill-part-rubber stroke-part-edge" strokeWidth={2} />
            <path
                d={`M40 ${14 + GAP}h56v14h-56Z`}
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={2}
            />
            {goes === 0 && (
                <path d={`M4 ${GAP + 2}h84v11h-84Z`} className="fill-part-shine stroke-part-edge" />
            )}
            {goes === 1 && (
                <>
                    <path d={`M4 14h84v${GAP}h-84Z`} className="fill-part-shine stroke-part-edge" />
                    <path
                        d="M44 17l8 0M58 17l9 0M74 17l8 0M48 31l9 0M64 31l8 0M78 31l6 0"
                        className="stroke-part-edge"
                        strokeWidth={2}
                    />
                </>
            )}
            {goes === 2 && (
                <path d="M2 12h24q9 1 8 -9q7 3 6 11v22h-38Z" className="fill-part-shine stroke-part-edge" />
            )}
            <text
                x={48}
                y={63}
                textAnchor="middle"
                className="fill-part-ink font-mono text-[18px] stroke-none"
            >
                {fixed(blade, 2)}
            </text>
        </g>
    );
}
