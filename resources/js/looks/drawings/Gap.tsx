import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount, word } from '../shows';

/** Units of the drawing for a millimetre. */
const MILLIMETRE = 34;
const TOP_OF_TEETH = 214;

/** The sensor over the teeth, from the side and to scale. The ring is where it is; the sensor stands off it. */
export function Gap({ shows, view, seed }: DrawingProps) {
    const gap = amount(shows, 'gapMillimetres') * MILLIMETRE;
    const foot = tenths(TOP_OF_TEETH - gap);
    const toothed = word(shows, 'teeth') === 'toothed';
    return (
        <g>
            <rect width={400} height={300} className="fill-part-ground" />
            <g transform={`translate(${tenths(view.turn * 14)} 0)`}>
                {toothed ? (
                    [-30, 66, 162, 258, 354].map((x) => (
                        <path
                            key={x}
                            d={`M${x} ${TOP_OF_TEETH}h50l8 52h-66Z`}
                            className="fill-part-metal stroke-part-edge"
                            strokeWidth={2}
                        />
                    ))
                ) : (
                    <rect
                        x={-40}
                        y={TOP_OF_TEETH}
                        width={480}
                        height={52}
                        className="fill-part-rubber stroke-part-edge"
                        strokeWidth={2}
                    />
                )}
                <rect x={-40} y={264} width={480} height={40} className="fill-part-metal-dark" />
                <Specks
                    seed={`${seed} rust`}
                    many={46}
                    share={amount(shows, 'rust')}
                    box={{ x: 0, y: TOP_OF_TEETH + 10, width: 400, height: 76 }}
                    size={3.4}
                    className="fill-part-rust"
                />
            </g>
            <g transform={`rotate(${tenths(amount(shows, 'tilt') * 3)} 212 ${foot})`}>
                <rect
                    x={166}
                    y={foot - 250}
                    width={92}
                    height={232}
                    rx={5}
                    className="fill-part-plastic stroke-part-edge"
                    strokeWidth={3}
                />
                <rect
                    x={184}
                    y={foot - 30}
                    width={56}
                    height={30}
                    className="fill-part-metal stroke-part-edge"
                    strokeWidth={2}
                />
                <path
                    d={`M196 ${foot - 240}V${foot - 40}`}
                    className="stroke-part-sheen"
                    strokeWidth={4}
                    opacity={0.6}
                />
            </g>
            <path
                d={`M330 ${TOP_OF_TEETH - MILLIMETRE}h14M330 ${TOP_OF_TEETH}h14M337 ${TOP_OF_TEETH - MILLIMETRE}V${TOP_OF_TEETH}`}
                className="fill-none stroke-part-ink"
                strokeWidth={1.6}
            />
            <text
                x={350}
                y={TOP_OF_TEETH - MILLIMETRE / 2 + 4}
                className="fill-part-ink font-mono text-[12px] stroke-none"
            >
                1 mm
            </text>
        </g>
    );
}
