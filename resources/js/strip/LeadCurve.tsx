import type { Lead } from './Board';
import { STRIP } from './layout';

const COLOURS = { one: 'stroke-petrol fill-petrol', two: 'stroke-ochre fill-ochre' } as const;
const EXITS: Record<Lead, number> = { one: 16, two: 136 };

/** A lead from its pad to the slate. Without a pad only its end shows, to be dragged onto one. */
export function LeadCurve({
    lead,
    spot,
    onGrab,
}: {
    lead: Lead;
    spot?: { x: number; y: number };
    onGrab: () => void;
}) {
    const y = EXITS[lead];
    const end = STRIP.width + 29;
    return (
        <g className={COLOURS[lead]}>
            {spot !== undefined ? (
                <path
                    d={`M ${spot.x} ${spot.y} C ${spot.x} ${y}, ${spot.x + 30} ${y}, ${spot.x + 110} ${y} L ${end} ${y}`}
                    strokeWidth={2.5}
                    className="fill-none"
                />
            ) : (
                <>
                    <path
                        d={`M ${STRIP.width - 8} ${y} L ${end} ${y}`}
                        strokeWidth={2.5}
                        strokeDasharray="4 3"
                        className="fill-none"
                    />
                    <circle
                        cx={STRIP.width - 12}
                        cy={y}
                        r={6}
                        onPointerDown={onGrab}
                        className="cursor-grab"
                    />
                </>
            )}
        </g>
    );
}
