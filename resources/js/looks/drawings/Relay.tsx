import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount, row } from '../shows';

/** The lower contact, and so far above it the upper one stands for each millimetre of air between them. */
const LOWER = 172;
const THICK = 26;
const PER_MILLIMETRE = 22;

/** Where the arm turns, and how far it leans for each pixel by which its contact is let down. */
const HINGE = { x: 84, y: 91 };
const LEAN = 180 / Math.PI / (262 - HINGE.x);

/** A relay with its cap off: coil on the left, the moving arm above, and the pair of contacts that it closes. */
export function Relay({ shows, seed }: DrawingProps) {
    const burn = amount(shows, 'burn');
    const down = PER_MILLIMETRE * (1 - amount(shows, 'apartMillimetres'));
    const face = { dull: amount(shows, 'dull'), burn };
    return (
        <g>
            <rect width={400} height={300} className="fill-part-deep" />
            <path d="M70 236h260v22h-260Z" className="fill-part-body stroke-part-edge" strokeWidth={4} />
            {[104, 170, 236, 296].map((x) => (
                <rect
                    key={x}
                    x={x}
                    y={258}
                    width={16}
                    height={34}
                    className="fill-part-metal stroke-part-edge"
                />
            ))}
            <rect
                x={92}
                y={128}
                width={96}
                height={108}
                rx={6}
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={4}
            />
            <path
                d={Array.from({ length: 11 }, (_, turn) => `M92 ${136 + turn * 9.4}h96`).join('')}
                className="fill-none stroke-part-copper"
                strokeWidth={5}
            />
            <path d="M128 128v-22h24v22" className="fill-part-metal stroke-part-edge" strokeWidth={3} />
            <path d="M84 98v138h-14v-152h14Z" className="fill-part-metal stroke-part-edge" strokeWidth={3} />
            <path d="M262 236v-60" className="fill-none stroke-part-metal" strokeWidth={14} />
            <Contact y={LOWER} {...face} seed={`${seed} 1`} />
            <g transform={`rotate(${tenths(10 * down * LEAN) / 10} ${HINGE.x} ${HINGE.y})`}>
                <path d="M70 84h230v14h-230Z" className="fill-part-metal stroke-part-edge" strokeWidth={3} />
                <path d="M262 98v22" className="fill-none stroke-part-metal" strokeWidth={14} />
                <Contact y={LOWER - THICK - PER_MILLIMETRE} {...face} seed={`${seed} 0`} />
            </g>
            <Specks
                seed={`${seed} dust`}
                many={60}
                share={amount(shows, 'dust')}
                box={{ x: 78, y: 90, width: 250, height: 146 }}
                size={2}
                className="fill-part-dirt"
            />
        </g>
    );
}

function Contact({ y, dull, burn, seed }: { y: number; dull: number; burn: number; seed: string }) {
    const round = { cx: 262, cy: y, rx: 26, ry: THICK / 2 };
    return (
        <>
            <ellipse {...round} className="fill-part-shine stroke-part-edge" strokeWidth={3} />
            <ellipse {...round} className="fill-part-metal-dark" opacity={dull * 0.6} />
            <Burn x={262} y={y} burn={burn} seed={seed} />
        </>
    );
}

/** Where it has arced: black round about, and pits in the face. */
function Burn({ x, y, burn, seed }: { x: number; y: number; burn: number; seed: string }) {
    const next = row(seed);
    return (
        <g>
            <ellipse
                cx={x}
                cy={y}
                rx={tenths(8 + burn * 30)}
                ry={tenths(4 + burn * 15)}
                className="fill-part-hole"
                opacity={tenths(burn * 8) / 10}
            />
            {Array.from({ length: Math.round(burn > 0.4 ? burn * 12 : 0) }, (_, pit) => (
                <circle
                    key={pit}
                    cx={tenths(x + (next() - 0.5) * 42)}
                    cy={tenths(y + (next() - 0.5) * 18)}
                    r={tenths(1.5 + next() * 2.5)}
                    className="fill-part-metal stroke-part-edge"
                />
            ))}
        </g>
    );
}
