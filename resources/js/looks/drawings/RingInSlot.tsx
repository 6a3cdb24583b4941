import { useId } from 'react';
import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, type Shows, amount, row, word } from '../shows';

/** A drawn turn has so many teeth, whatever the ring has: nobody learns their number from the drawing. */
const TEETH = 44;
const STEP = (2 * Math.PI) / TEETH;
const HUB = { x: 200, y: 470, root: 318, tip: 350 };
const WINDOW = 'M84 196Q88 96 200 88Q312 96 316 196L296 214Q200 190 104 214Z';
/** So much of a millimetre out of true is drawn as so many units. */
const OUT_OF_TRUE = 22;
/** Rust that lifts or swells a ring does so over this share of it. */
const SPREADS = 0.12;

/** The few teeth that show in the slot of the back plate; turned by hand, the others come past. A chalk mark tells a full turn. */
export function RingInSlot({ shows, view, seed }: DrawingProps) {
    const phase = view.turn * Math.PI;
    const turning = word(shows, 'turning') === 'yes';
    // held still, of a turning wheel the picture has its rim at either end of its swing
    const wobble = amount(shows, 'wobbleMillimetres') * OUT_OF_TRUE;
    const near = Array.from({ length: 13 }, (_, index) => Math.round(phase / STEP) + index - 6);
    const clip = useId();
    return (
        <g>
            <rect width={400} height={300} className="fill-part-plate" />
            <path
                d="M-20 70Q200 -30 420 70M-20 260Q200 330 420 260"
                className="fill-none stroke-part-edge"
                strokeWidth={2}
            />
            <Specks
                seed={`${seed} plate`}
                many={60}
                share={0.5}
                box={{ x: 0, y: 0, width: 400, height: 300 }}
                size={2.6}
                className="fill-part-rust"
            />
            <clipPath id={clip}>
                <path d={WINDOW} />
            </clipPath>
            <path d={WINDOW} className="fill-part-hole stroke-part-edge" strokeWidth={6} />
            <g clipPath={`url(#${clip})`}>
                {(turning && view.runs !== true ? [wobble, -wobble] : [wobble * Math.sin(phase)]).map(
                    (off, ghost) => (
                        <g
                            key={ghost}
                            transform={`translate(0 ${tenths(off)})`}
                            opacity={ghost === 0 ? 1 : 0.5}
                        >
                            <circle cx={HUB.x} cy={HUB.y} r={HUB.root} className="fill-part-metal-dark" />
                            {near.map((tooth) => (
                                <Tooth
                                    key={tooth}
                                    shows={shows}
                                    tooth={((tooth % TEETH) + TEETH) % TEETH}
                                    angle={tooth * STEP - phase}
                                    seed={seed}
                                />
                            ))}
                        </g>
                    ),
                )}
            </g>
            {turning && (
                <path
                    d="M140 246Q200 232 258 246M258 246l-14 -10M258 246l-15 8"
                    className="fill-none stroke-part-shine"
                    strokeWidth={3}
                />
            )}
        </g>
    );
}

/** Whether a tooth lies within some teeth, or within a share of the ring, from where the damage is. */
function distance(shows: Shows, tooth: number): number {
    const from = Math.round(amount(shows, 'at') * TEETH);
    return (tooth - from + TEETH) % TEETH;
}

function Tooth({ shows, tooth, angle, seed }: { shows: Shows; tooth: number; angle: number; seed: string }) {
    const past = distance(shows, tooth);
    const share = past / TEETH;
    const gone = past < amount(shows, 'gone');
    const chipped = past < amount(shows, 'chipped');
    const gape = past >= 1 && past < TEETH / 2 ? amount(shows, 'gapePitches') * STEP : 0;
    const lift = share < SPREADS ? amount(shows, 'liftMillimetres') * OUT_OF_TRUE : 0;
    const eaten = share < 0.3 ? amount(shows, 'eaten') : 0;
    const degrees = tenths(((angle + gape) * 180) / Math.PI);
    const [width, tip] = [22 * (1 - eaten * 0.45), HUB.tip + lift - eaten * 5];
    const top = HUB.y - tip;
    const foot = HUB.y - HUB.root + 6;
    const next = row(`${seed} tooth ${tooth}`);
    const roughness = 4 + next() * 4;
    const body = chipped
        ? `M${-width / 2 - 3} ${foot}L${-width / 2} ${top}h${tenths(width * 0.3)}l${tenths(width * 0.15)} ${tenths(roughness + 9)}l${tenths(width * 0.5)} ${tenths(roughness)}L${width / 2 + 3} ${foot}Z`
        : `M${-width / 2 - 3} ${foot}L${tenths(-width / 2)} ${tenths(top)}H${tenths(width / 2)}L${width / 2 + 3} ${foot}Z`;
    return (
        <g transform={`translate(${HUB.x} 0) rotate(${degrees} 0 ${HUB.y})`}>
            {gone ? (
                <path
                    d={`M-13 ${foot}l4 -${tenths(roughness)}l7 3l6 -${tenths(roughness * 0.7)}l9 4V${foot}Z`}
                    className="fill-part-metal-dark"
                />
            ) : (
                <>
                    <path d={body} className="fill-part-metal stroke-part-edge" strokeWidth={1.2} />
                    <rect
                        x={tenths(-width / 2)}
                        y={tenths(top)}
                        width={tenths(width * (chipped ? 0.3 : 1))}
                        height={4}
                        className="fill-part-shine"
                    />
                </>
            )}
            {!gone && (
                <Specks
                    seed={`${seed} rust ${tooth}`}
                    many={9}
                    share={amount(shows, 'rust') * (share < 0.3 && amount(shows, 'eaten') > 0.2 ? 1 : 0.7)}
                    box={{ x: -12, y: tip > HUB.tip ? top : top + 4, width: 24, height: 26 }}
                    size={3 + eaten * 2}
                    className="fill-part-rust"
                />
            )}
            {/* what is packed into the groove after it */}
            <path
                d={`M13 ${foot + 2}V${tenths(foot - amount(shows, 'dirt') * 26)}q7 -5 17 1V${foot + 2}Z`}
                className="fill-part-dirt"
                opacity={amount(shows, 'dirt') > 0.55 ? 1 : 0.55}
            />
            {lift > 6 && <path d={`M-16 ${foot + 4}q16 -${tenths(lift)} 32 0Z`} className="fill-part-rust" />}
            {gape > 0 && past === 1 && (
                <path
                    d={`M-25 ${top + 10}l5 16l-5 12l4 14`}
                    className="fill-none stroke-part-hole"
                    strokeWidth={4}
                />
            )}
            {tooth === 0 && (
                <path
                    d={`M-6 ${top + 12}l12 8M-5 ${top + 19}l11 -6`}
                    className="fill-none stroke-part-chalk"
                    strokeWidth={4}
                />
            )}
        </g>
    );
}
