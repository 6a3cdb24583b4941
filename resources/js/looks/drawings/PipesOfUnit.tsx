import { t } from '../../words/words';
import { Specks } from '../Specks';
import { pipes } from '../pipes';
import { FIELD, type DrawingProps, amount } from '../shows';

const BLOCK = { x: 56, y: 196, width: 288, height: 84 };
const PORT = 214;
const EXIT = 52;

/** The middle of one of so many places side by side, within a margin. */
const place = (index: number, count: number, margin: number) =>
    margin + ((index + 0.5) * (FIELD.width - 2 * margin)) / count;

/** The hydraulic unit from above: its ports with what is stamped beside them, and its pipes up to where each is seen to go. */
export function PipesOfUnit({ shows, seed }: DrawingProps) {
    const all = pipes(shows);
    const port = (index: number) => place(index, all.length, BLOCK.x + 16);
    const exit = (wheel: string) =>
        place(
            all.findIndex((one) => one.port === wheel),
            all.length,
            0,
        );
    return (
        <g>
            <rect {...FIELD} className="fill-part-deep" />
            <rect {...BLOCK} rx={6} className="fill-part-metal stroke-part-edge" strokeWidth={4} />
            <Specks
                seed={`${seed} wax`}
                many={70}
                share={amount(shows, 'wax')}
                box={BLOCK}
                size={8}
                className="fill-part-dull"
            />
            <Specks
                seed={`${seed} dirt`}
                many={120}
                share={amount(shows, 'dirt')}
                box={BLOCK}
                size={2.5}
                className="fill-part-dirt"
            />
            {all.map(({ port: stamp }, index) => (
                <g key={stamp}>
                    <circle
                        cx={port(index)}
                        cy={PORT}
                        r={19}
                        className="fill-part-metal-dark stroke-part-edge"
                        strokeWidth={3}
                    />
                    <rect x={port(index) - 18} y={246} width={36} height={24} className="fill-part-window" />
                    <text
                        x={port(index)}
                        y={264}
                        textAnchor="middle"
                        className="fill-part-ink font-mono text-[17px] stroke-none"
                    >
                        {stamp}
                    </text>
                </g>
            ))}
            {all.map(({ port: stamp, leads }, index) => (
                <Line key={stamp} from={port(index)} to={exit(leads)} />
            ))}
            {all.map(({ port: wheel }) => (
                <text
                    key={wheel}
                    x={exit(wheel)}
                    y={28}
                    textAnchor="middle"
                    className="fill-part-letter text-[15px] stroke-none"
                >
                    {t(`channel.${wheel}`)}
                </text>
            ))}
            <rect
                {...BLOCK}
                rx={6}
                className="fill-part-fluid"
                opacity={Math.round(amount(shows, 'wet') * 60) / 100}
            />
        </g>
    );
}

/** One pipe with its nut; where two cross, the dark edge tells which lies above. */
function Line({ from, to }: { from: number; to: number }) {
    const way = `M${from} ${PORT}C${from} ${PORT - 90} ${to} ${EXIT + 80} ${to} ${EXIT - 12}`;
    return (
        <g>
            <path d={way} className="fill-none stroke-part-edge" strokeWidth={15} />
            <path d={way} className="fill-none stroke-part-metal" strokeWidth={9} />
            <path d={way} className="fill-none stroke-part-shine" strokeWidth={2} />
            <circle cx={from} cy={PORT} r={11} className="fill-part-metal stroke-part-edge" strokeWidth={3} />
        </g>
    );
}
