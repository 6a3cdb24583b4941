import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount } from '../shows';

const HOSE = 'M120 0C112 90 190 120 206 186';

/** Hose and pipe where they meet at the brake. Fluid shines, runs down and hangs as a drop. */
export function BrakeHose({ shows, seed }: DrawingProps) {
    const wet = amount(shows, 'wet');
    return (
        <g>
            <rect
                x={110}
                y={206}
                width={230}
                height={94}
                rx={10}
                className="fill-part-plate stroke-part-edge"
                strokeWidth={4}
            />
            <path d={HOSE} fill="none" className="stroke-part-rubber" strokeWidth={34} />
            <path
                d={HOSE}
                fill="none"
                className="stroke-part-sheen"
                strokeWidth={4}
                transform="translate(9 -2)"
                opacity={0.6}
            />
            <path d="M400 62Q310 70 292 206" fill="none" className="stroke-part-edge" strokeWidth={17} />
            <path d="M400 62Q310 70 292 206" fill="none" className="stroke-part-metal" strokeWidth={11} />
            <path
                d="M186 166h46v44h-46ZM276 184h34v26h-34Z"
                className="fill-part-metal stroke-part-edge"
                strokeWidth={3}
            />
            <path d="M198 166v44M218 166v44" className="stroke-part-metal-dark" strokeWidth={2} />
            <Specks
                seed={`${seed} dirt`}
                many={120}
                share={amount(shows, 'dirt')}
                box={{ x: 118, y: 212, width: 214, height: 82 }}
                size={2.8}
                className="fill-part-dirt"
            />
            <Specks
                seed={`${seed} rust`}
                many={30}
                share={amount(shows, 'rust')}
                box={{ x: 186, y: 168, width: 122, height: 44 }}
                size={3}
                className="fill-part-rust"
            />
            <g opacity={wet > 0.3 ? 1 : 0}>
                <path
                    d={`M184 190q-12 30 -6 ${tenths(40 + wet * 40)}q26 22 52 0q8 -40 2 -${tenths(30 + wet * 20)}Z`}
                    className="fill-part-fluid stroke-part-shine"
                    strokeWidth={2}
                    opacity={0.85}
                />
                <path
                    d={`M204 ${tenths(240 + wet * 30)}q-12 22 0 28q12 -6 0 -28Z`}
                    className="fill-part-fluid stroke-part-shine"
                    strokeWidth={2}
                />
                <path d="M196 206q-4 14 0 26" className="fill-none stroke-part-shine" strokeWidth={4} />
            </g>
        </g>
    );
}
