import { useId } from 'react';
import { tenths } from '../../ui/tenths';
import { type DrawingProps, amount, word } from '../shows';

/** The wall of a tyre with its size moulded in, and beside it the tyre from in front, where it stands. */
export function Tyre({ shows }: DrawingProps) {
    const bulge = amount(shows, 'bulge') * 34;
    const arc = useId();
    return (
        <g>
            <circle cx={118} cy={214} r={186} className="fill-part-rubber stroke-part-edge" strokeWidth={5} />
            <circle cx={118} cy={214} r={108} className="fill-part-metal stroke-part-edge" strokeWidth={4} />
            <circle cx={118} cy={214} r={34} className="fill-part-metal-dark" />
            <path id={arc} d="M-14 214A132 132 0 0 1 250 214" className="fill-none" />
            <text className="fill-part-letter font-mono text-[25px] stroke-none">
                <textPath href={`#${arc}`} startOffset="50%" textAnchor="middle">
                    {word(shows, 'size')}
                </textPath>
            </text>
            <rect x={310} y={276} width={90} height={24} className="fill-part-dirt" />
            <path
                d={`M326 92Q318 92 318 110V${tenths(230 - bulge / 2)}Q${tenths(318 - bulge)} ${tenths(268 - bulge / 3)} ${tenths(326 - bulge / 2)} 276H${tenths(384 + bulge / 2)}Q${tenths(392 + bulge)} ${tenths(268 - bulge / 3)} 392 ${tenths(230 - bulge / 2)}V110Q392 92 384 92Z`}
                className="fill-part-rubber stroke-part-edge"
                strokeWidth={3}
            />
            <path
                d={[334, 346, 358, 370].map((x) => `M${x} 98V270`).join('')}
                className="fill-none stroke-part-sheen"
                strokeWidth={tenths(1 + amount(shows, 'tread') * 3)}
            />
        </g>
    );
}
