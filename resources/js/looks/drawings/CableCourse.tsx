import { tenths } from '../../ui/tenths';
import { t } from '../../words/words';
import { type Shows, amount, conductors, word } from '../shows';

const [FROM, TO] = [26, 150];

/** How high it lies at this share of its way: over the wheel, down along the floor, up to the module. */
function height(share: number): number {
    return 26 - 12 * Math.sin(share * Math.PI * 2.2);
}

function point(share: number): [number, number] {
    return [FROM + (TO - FROM) * share, height(share)];
}

const LINE = Array.from({ length: 25 }, (_, index) =>
    point(index / 24)
        .map(tenths)
        .join(' '),
).join('L');

/** The whole way of the cable from the wheel to the module, in small: its holders, the colours of its wires, and which place of it the picture shows. */
export function CableCourse({ shows }: { shows: Shows }) {
    const [x, y] = point(amount(shows, 'along'));
    return (
        <g transform="translate(84 224)">
            <rect
                width={180}
                height={70}
                rx={4}
                className="fill-part-metal stroke-part-edge"
                strokeWidth={1}
            />
            <circle cx={14} cy={26} r={9} className="fill-none stroke-part-rubber" strokeWidth={5} />
            <rect
                x={TO}
                y={height(1) - 9}
                width={22}
                height={18}
                className="fill-part-metal-dark stroke-part-edge"
            />
            <path d={`M${LINE}`} className="fill-none stroke-part-rubber" strokeWidth={4} />
            {[0.12, 0.34, 0.56, 0.78].map((share) => (
                <path
                    key={share}
                    d={`M${point(share).map(tenths).join(' ')}m-2 -6v12`}
                    className="stroke-part-ink"
                    strokeWidth={3}
                />
            ))}
            <circle
                cx={tenths(x)}
                cy={tenths(y)}
                r={8}
                className="fill-none stroke-part-ink"
                strokeWidth={2}
            />
            <text x={90} y={63} textAnchor="middle" className="fill-part-ink text-[12px] stroke-none">
                {conductors(shows)
                    .map((number) => t(`colour.${word(shows, `colour.${number}`)}`))
                    .join(', ')}
            </text>
        </g>
    );
}
