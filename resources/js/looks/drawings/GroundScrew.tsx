import { Specks } from '../Specks';
import { type DrawingProps, amount } from '../shows';

/** The eye of the ground wire under its screw, and the body around it. */
export function GroundScrew({ shows, seed }: DrawingProps) {
    const rust = amount(shows, 'rust');
    return (
        <g>
            <rect width={400} height={300} className="fill-part-plate" />
            <rect
                width={400}
                height={300}
                className="fill-part-dull"
                opacity={amount(shows, 'dull') * 0.45}
            />
            <circle cx={196} cy={150} r={104} className="fill-part-metal" opacity={0.5} />
            <Specks
                seed={`${seed} under`}
                many={260}
                round
                share={rust}
                box={{ x: 88, y: 50, width: 216, height: 200 }}
                size={7}
                className="fill-part-rust"
            />
            <path d="M400 250Q330 240 262 186" className="fill-none stroke-part-rubber" strokeWidth={24} />
            <path
                d="M292 214L240 168L262 140L312 190Z"
                className="fill-part-metal stroke-part-edge"
                strokeWidth={3}
            />
            <circle cx={196} cy={150} r={70} className="fill-part-metal stroke-part-edge" strokeWidth={4} />
            <path
                d="M196 102L237.6 126V174L196 198L154.4 174V126Z"
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={3}
            />
            <path d="M196 110L230 130" className="stroke-part-shine" strokeWidth={4} />
            <Specks
                seed={`${seed} on`}
                many={90}
                round
                share={rust * rust}
                box={{ x: 130, y: 84, width: 132, height: 132 }}
                size={5}
                className="fill-part-rust"
            />
        </g>
    );
}
