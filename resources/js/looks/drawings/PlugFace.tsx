import { tenths } from '../../ui/tenths';
import { t } from '../../words/words';
import { Specks } from '../Specks';
import { type DrawingProps, type Shows, amount, conductors, word } from '../shows';
import { wireFill } from '../wires';

const CENTRE = { x: 200, y: 128 };
/** How far a pin that stands where it should reaches out of its chamber, in units of the drawing for a millimetre. */
const PIN = { millimetres: 4, unit: 15, half: 17 };

/** An open plug from in front, its wires leaving below. From in front a pin pushed back looks level; from the side it stands lower. */
export function PlugFace({ shows, view, seed }: DrawingProps) {
    const pins = conductors(shows);
    const apart = pins.length > 2 ? 74 : 96;
    return (
        <g>
            {pins.map((number, index) => (
                <Wire
                    key={number}
                    x={place(index, pins.length, apart)}
                    colour={word(shows, `colour.${number}`)}
                />
            ))}
            <rect
                x={62}
                y={46}
                width={276}
                height={164}
                rx={64}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={5}
            />
            <rect
                x={158}
                y={26}
                width={84}
                height={30}
                rx={7}
                transform={word(shows, 'catch') === 'away' ? 'rotate(-13 158 56)' : undefined}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={3}
            />
            <Specks
                seed={`${seed} dirt`}
                many={70}
                share={amount(shows, 'dirt')}
                box={{ x: 72, y: 52, width: 256, height: 30 }}
                size={3.4}
                className="fill-part-dirt"
            />
            <rect
                x={82}
                y={66}
                width={236}
                height={124}
                rx={50}
                className="fill-none stroke-part-seal"
                strokeWidth={9}
            />
            <rect x={94} y={78} width={212} height={100} rx={40} className="fill-part-deep" />
            {pins.map((number, index) => (
                <rect
                    key={number}
                    x={place(index, pins.length, apart) - 27}
                    y={CENTRE.y - 27}
                    width={54}
                    height={54}
                    rx={7}
                    className="fill-part-hole stroke-part-edge"
                    strokeWidth={2}
                />
            ))}
            {pins.map((number, index) => (
                <Pin
                    key={number}
                    shows={shows}
                    number={number}
                    x={place(index, pins.length, apart)}
                    turn={view.turn}
                    light={view.light}
                    seed={`${seed} pin ${number}`}
                />
            ))}
        </g>
    );
}

function place(index: number, many: number, apart: number): number {
    return CENTRE.x + (index - (many - 1) / 2) * apart;
}

function Pin({
    shows,
    number,
    x,
    turn,
    light,
    seed,
}: {
    shows: Shows;
    number: number;
    x: number;
    turn: number;
    light: number;
    seed: string;
}) {
    const { half, unit } = PIN;
    const out = Math.max(0.4, PIN.millimetres - amount(shows, `backMillimetres.${number}`)) * unit;
    const [dx, y] = [tenths(turn * out), CENTRE.y];
    const edge = dx > 0 ? x - half : x + half;
    const crust = amount(shows, `crust.${number}`);
    const shadow = tenths(-light * out * 0.9 + turn * 4);
    return (
        <g>
            <rect
                x={x - half + shadow}
                y={y - half + 4}
                width={2 * half}
                height={2 * half}
                className="fill-part-shadow"
            />
            {/* its side, as far as one looks past it */}
            <path
                d={`M${edge} ${y - half}L${tenths(edge + dx)} ${y - half + 3}V${y + half - 3}L${edge} ${y + half}Z`}
                className="fill-part-metal-dark"
            />
            <rect
                x={tenths(x - half + dx)}
                y={y - half + 3}
                width={2 * half}
                height={2 * half - 6}
                className="fill-part-metal stroke-part-metal-dark"
            />
            <rect
                x={tenths(x - half + dx)}
                y={y - half + 3}
                width={2 * half}
                height={2 * half - 6}
                className="fill-part-dull"
                opacity={amount(shows, `dull.${number}`) * 0.6}
            />
            <rect
                x={tenths(x - 5 + dx)}
                y={y - half + 7}
                width={5}
                height={2 * half - 14}
                className="fill-part-shine"
            />
            <Crust x={x + dx / 2} y={y} share={crust} seed={seed} />
            <text
                x={x}
                y={y + 44}
                textAnchor="middle"
                className="fill-part-letter font-mono text-[13px] stroke-none"
            >
                {word(shows, `pin.${number}`)}
            </text>
        </g>
    );
}

/** Crumbs that have grown over the metal, light on dark, so that their shape is seen without their colour. */
function Crust({ x, y, share, seed }: { x: number; y: number; share: number; seed: string }) {
    const box = { x: x - 27, y: y - 26, width: 54, height: 52 };
    // a trace is a grain or two, a crust has grown together
    const grown = share ** 1.5;
    return (
        <g>
            <Specks
                seed={`${seed} crust`}
                many={90}
                round
                share={grown}
                box={box}
                size={2 + 2 * share}
                className="fill-part-crust"
            />
            <Specks
                seed={`${seed} crumbs`}
                many={50}
                round
                share={grown}
                box={box}
                size={1.2 + 1.2 * share}
                className="fill-part-crust-light"
            />
        </g>
    );
}

function Wire({ x, colour }: { x: number; colour: string }) {
    return (
        <g>
            <path d={`M${x} 196V262`} fill="none" className={wireFill(colour)} strokeWidth={15} />
            <path
                d={`M${x - 3} 210V262`}
                fill="none"
                className="stroke-part-shine"
                strokeWidth={2}
                opacity={0.5}
            />
            <text x={x} y={281} textAnchor="middle" className="fill-part-ink text-[13px] stroke-none">
                {t(`colour.${colour}`)}
            </text>
        </g>
    );
}
