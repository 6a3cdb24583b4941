import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount } from '../shows';

/** Units of the drawing for a millimetre. */
const MILLIMETRE = 7;

/** The edge of disc and linings through the wheel, to scale. */
export function Linings({ shows, seed }: DrawingProps) {
    const thick = tenths(Math.max(0.5, amount(shows, 'thickMillimetres')) * MILLIMETRE);
    const wet = amount(shows, 'wet');
    return (
        <g>
            <path
                d="M40 20H360V70H40ZM40 236H360V286H40Z"
                className="fill-part-plate stroke-part-edge"
                strokeWidth={3}
            />
            <rect
                x={186}
                y={0}
                width={28}
                height={300}
                className="fill-part-metal stroke-part-edge"
                strokeWidth={2}
            />
            <path d="M193 0V300M206 0V300" className="stroke-part-shine" strokeWidth={1.5} opacity={0.7} />
            {[-1, 1].map((side) => {
                const x = side < 0 ? 186 - thick : 214;
                return (
                    <g key={side}>
                        <rect
                            x={x}
                            y={84}
                            width={thick}
                            height={136}
                            className="fill-part-lining stroke-part-edge"
                            strokeWidth={1.5}
                        />
                        <rect
                            x={side < 0 ? x - 30 : x + thick}
                            y={76}
                            width={30}
                            height={152}
                            className="fill-part-metal-dark stroke-part-edge"
                            strokeWidth={2}
                        />
                        <Specks
                            seed={`${seed} grain ${side}`}
                            many={40}
                            share={1}
                            box={{ x, y: 88, width: thick, height: 128 }}
                            size={1.4}
                            className="fill-part-shine"
                        />
                        <rect
                            x={x}
                            y={84}
                            width={thick}
                            height={136}
                            className="fill-part-fluid"
                            opacity={wet * 0.75}
                        />
                        {wet > 0.3 && (
                            <path
                                d={[100, 130, 158, 186]
                                    .map(
                                        (y, index) =>
                                            `M${tenths(x + thick * (0.3 + (index % 2) * 0.3))} ${y}q-5 12 0 15q5 -3 0 -15Z`,
                                    )
                                    .join('')}
                                className="fill-part-fluid stroke-part-shine"
                                strokeWidth={1.5}
                            />
                        )}
                    </g>
                );
            })}
            <Specks
                seed={`${seed} dust`}
                many={110}
                share={amount(shows, 'dust')}
                box={{ x: 44, y: 22, width: 312, height: 262 }}
                size={2.2}
                className="fill-part-dirt"
            />
            <path
                d={`M300 258h${5 * MILLIMETRE}M300 252v12M${300 + 5 * MILLIMETRE} 252v12`}
                className="fill-none stroke-part-hole"
                strokeWidth={1.6}
            />
            <text
                x={300 + 2.5 * MILLIMETRE}
                y={278}
                textAnchor="middle"
                className="fill-part-hole font-mono text-[12px] stroke-none"
            >
                5 mm
            </text>
        </g>
    );
}
