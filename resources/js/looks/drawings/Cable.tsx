import { tenths } from '../../ui/tenths';
import { t } from '../../words/words';
import { Specks } from '../Specks';
import { type DrawingProps, type Shows, amount, conductors, row, word } from '../shows';
import { wireFill } from '../wires';
import { Beside } from './Beside';
import { CableCourse } from './CableCourse';

/** Units of the drawing for a millimetre along the cable. */
const MILLIMETRE = 9;
const LINE = 'M-10 40C90 50 120 150 200 156C280 162 320 230 410 262';

/** The cable where it looks worst. Where it is open its wires are lettered, and copper is bare strands, not only a colour. */
export function Cable({ shows, seed }: DrawingProps) {
    return (
        <g>
            <rect
                x={-4}
                y={10}
                width={46}
                height={66}
                rx={5}
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={3}
            />
            {'beside' in shows && <Beside what={word(shows, 'beside')} />}
            <path d={LINE} fill="none" className="stroke-part-rubber" strokeWidth={46} />
            <path
                d={LINE}
                fill="none"
                className="stroke-part-sheen"
                strokeWidth={5}
                transform="translate(4 -13)"
                opacity={0.5}
            />
            <Scuffs shows={shows} seed={seed} />
            <g transform="translate(200 156) rotate(14)">
                <Specks
                    seed={`${seed} dirt`}
                    many={40}
                    share={amount(shows, 'dirt')}
                    box={{ x: -74, y: -17, width: 148, height: 34 }}
                    size={2.8}
                    className="fill-part-dirt"
                />
            </g>
            {amount(shows, 'openMillimetres') > 0 && <Opening shows={shows} />}
            {word(shows, 'cover') === 'tape' && <Tape />}
            {word(shows, 'cover') === 'single-wires' && <SingleWires shows={shows} />}
            {'along' in shows && <CableCourse shows={shows} />}
            <path d="M24 280V288H69V280" className="fill-none stroke-part-ink" strokeWidth={1.5} />
            <text
                x={46}
                y={276}
                textAnchor="middle"
                className="fill-part-ink font-mono text-[12px] stroke-none"
            >
                5 mm
            </text>
        </g>
    );
}

/** Rubbed places that go no deeper than the surface. */
function Scuffs({ shows, seed }: { shows: Shows; seed: string }) {
    const next = row(`${seed} scuffs`);
    const strokes = Array.from({ length: 26 }, () => {
        const [x, y] = [next() * 140 - 74, (next() - 0.5) * 32];
        return `M${tenths(x)} ${tenths(y)}l${tenths(6 + next() * 12)} ${tenths(2 + next() * 4)}`;
    });
    return (
        <path
            transform="translate(200 156) rotate(14)"
            d={strokes.slice(0, Math.round(26 * amount(shows, 'scuffed'))).join('')}
            className="stroke-part-dull"
            strokeWidth={1.8}
            fill="none"
        />
    );
}

function Opening({ shows }: { shows: Shows }) {
    const half = (amount(shows, 'openMillimetres') * MILLIMETRE) / 2;
    const bare = word(shows, 'bare').split(' ');
    return (
        <g transform="translate(200 157) rotate(11)">
            <path
                d={`M${-half} 0Q${tenths(-half * 0.6)} -21 0 -19Q${tenths(half * 0.7)} -20 ${half} -2Q${tenths(half * 0.6)} 19 0 20Q${tenths(-half * 0.7)} 19 ${-half} 0Z`}
                className="fill-part-hole stroke-part-sheen"
                strokeWidth={2}
            />
            {conductors(shows).map((number, index) => (
                <g key={number}>
                    <path
                        d={`M${tenths(-half + 6)} ${index * 13 - 8}Q0 ${index * 13 - 13} ${tenths(half - 6)} ${index * 13 - 8}`}
                        fill="none"
                        className={wireFill(word(shows, `colour.${number}`))}
                        strokeWidth={10}
                    />
                    {bare.includes(String(number)) && <Copper x={index * 16 - 12} y={index * 13 - 10} />}
                </g>
            ))}
            {conductors(shows).map((number, index) => (
                <text
                    key={number}
                    x={index * 58 - 40}
                    y={-36}
                    className="fill-part-ink text-[13px] stroke-none"
                >
                    {t(`colour.${word(shows, `colour.${number}`)}`)}
                </text>
            ))}
        </g>
    );
}

/** Strands without insulation. */
function Copper({ x, y }: { x: number; y: number }) {
    return (
        <g>
            <rect x={x} y={y - 6} width={26} height={12} className="fill-part-copper" />
            <path
                d={[0, 5, 10, 15, 20].map((step) => `M${x + step} ${y - 6}l5 12`).join('')}
                className="stroke-part-hole"
                strokeWidth={1.3}
                fill="none"
            />
        </g>
    );
}

/** Wound round by somebody, its end standing off. */
function Tape() {
    return (
        <g transform="translate(200 157) rotate(12)">
            <rect
                x={-62}
                y={-27}
                width={124}
                height={54}
                rx={5}
                className="fill-part-tape stroke-part-edge"
                strokeWidth={1.5}
            />
            {[-44, -22, 0, 22, 44].map((x) => (
                <path
                    key={x}
                    d={`M${x - 9} -27L${x + 9} 27`}
                    className="stroke-part-sheen"
                    strokeWidth={1.6}
                    fill="none"
                />
            ))}
            <path
                d="M53 27l16 10l6 -9l-13 -6Z"
                className="fill-part-tape stroke-part-edge"
                strokeWidth={1.5}
            />
        </g>
    );
}

/** The sheath ends, and its wires run side by side through sleeves of their own. */
function SingleWires({ shows }: { shows: Shows }) {
    const wires = conductors(shows);
    return (
        <g transform="translate(200 157) rotate(12)">
            <rect x={-74} y={-31} width={148} height={62} className="fill-part-ground" />
            <path d="M-74 -24V24M74 -24V24" className="stroke-part-rubber" strokeWidth={7} />
            {wires.map((number, index) => {
                const y = (index - (wires.length - 1) / 2) * 19;
                return (
                    <g key={number}>
                        <path
                            d={`M-76 ${y}H76`}
                            fill="none"
                            className={wireFill(word(shows, `colour.${number}`))}
                            strokeWidth={10}
                        />
                        <rect
                            x={-20}
                            y={y - 8}
                            width={40}
                            height={16}
                            rx={6}
                            className="fill-part-sleeve stroke-part-edge"
                            strokeWidth={1.5}
                        />
                    </g>
                );
            })}
            {wires.map((number, index) => (
                <text
                    key={number}
                    x={index * 58 - 40}
                    y={-40}
                    className="fill-part-ink text-[13px] stroke-none"
                >
                    {t(`colour.${word(shows, `colour.${number}`)}`)}
                </text>
            ))}
        </g>
    );
}
