import { tenths } from '../../ui/tenths';
import { type DrawingProps, amount, row, word } from '../shows';

/** The sensor drawn out: its tip from in front, and its body with what is stamped on it. */
export function Tip({ shows, seed }: DrawingProps) {
    const next = row(`${seed} dust`);
    const whiskers = Array.from({ length: 120 }, () => {
        const [angle, from, length] = [next() * 2 * Math.PI, 14 + next() * 14, 12 + next() * 26];
        return `M${tenths(132 + from * Math.cos(angle))} ${tenths(150 + from * Math.sin(angle) * 0.7)}l${tenths(length * Math.cos(angle + 0.3))} ${tenths(length * Math.sin(angle + 0.3) * 0.8)}`;
    });
    const scratch = amount(shows, 'scratches');
    return (
        <g>
            <circle
                cx={132}
                cy={150}
                r={106}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={6}
            />
            <circle cx={132} cy={150} r={88} className="fill-part-deep" />
            <rect
                x={108}
                y={134}
                width={48}
                height={32}
                className="fill-part-metal stroke-part-metal-dark"
                strokeWidth={2}
            />
            <rect
                x={108}
                y={134}
                width={48}
                height={32}
                className="fill-part-dull"
                opacity={amount(shows, 'dull') * 0.6}
            />
            <path
                d={whiskers.slice(0, Math.round(120 * amount(shows, 'dust') ** 1.4)).join('')}
                className="fill-none stroke-part-filings"
                strokeWidth={1.5}
            />
            {scratch > 0 && (
                <>
                    <path
                        d={`M62 ${130 - scratch * 20}Q130 96 206 128M58 148Q132 116 210 146M70 178Q134 150 202 172`}
                        className="fill-none stroke-part-shine"
                        strokeWidth={3}
                    />
                    <path d="M150 134l10 -6v16Z" className="fill-part-hole" />
                </>
            )}
            <rect
                x={268}
                y={34}
                width={72}
                height={232}
                rx={8}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={4}
            />
            <rect
                x={284}
                y={250}
                width={40}
                height={26}
                className="fill-part-metal stroke-part-edge"
                strokeWidth={2}
            />
            <rect x={278} y={66} width={52} height={136} rx={3} className="fill-part-plastic-light" />
            <text
                transform="translate(311 194) rotate(-90)"
                className="fill-part-letter font-mono text-[22px] stroke-none"
            >
                {word(shows, 'stamp')}
            </text>
        </g>
    );
}
