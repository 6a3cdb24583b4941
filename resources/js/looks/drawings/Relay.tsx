import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount, row } from '../shows';

/** The contacts, where they face each other. */
const CONTACTS = [
    { x: 268, y: 128 },
    { x: 268, y: 168 },
];

/** A relay with its cap off: coil on the left, the moving arm above, and the pair of contacts that it closes. */
export function Relay({ shows, seed }: DrawingProps) {
    const burn = amount(shows, 'burn');
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
            <path
                d="M84 84h216v14h-216ZM84 98v138h-14v-152h14"
                className="fill-part-metal stroke-part-edge"
                strokeWidth={3}
            />
            <path d="M262 98v22M262 236v-60" className="fill-none stroke-part-metal" strokeWidth={14} />
            {CONTACTS.map(({ x, y }, index) => (
                <g key={y}>
                    <ellipse
                        cx={x - 6}
                        cy={y}
                        rx={26}
                        ry={13}
                        className="fill-part-shine stroke-part-edge"
                        strokeWidth={3}
                    />
                    <ellipse
                        cx={x - 6}
                        cy={y}
                        rx={26}
                        ry={13}
                        className="fill-part-metal-dark"
                        opacity={amount(shows, 'dull') * 0.6}
                    />
                    <Burn x={x - 6} y={y} burn={burn} seed={`${seed} ${index}`} />
                </g>
            ))}
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
