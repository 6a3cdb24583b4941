import { t } from '../../words/words';
import { Specks } from '../Specks';
import { type DrawingProps, type Shows, amount, word } from '../shows';

const PIXELS_A_MILLIMETRE = 5;
const ARM = { face: 112, width: 22, pivot: 20, foot: 216 };
const BODY = { top: 108, height: 44, length: 60 };
const WORKED_DEGREES = 17;
const SECOND = 178;

/** A switch and the arm that holds its plunger in: at rest on the left, worked on the right. The lever stands up from its pivot, the pedal hangs from it. */
export function SwitchAtArm({ shows, seed }: DrawingProps) {
    const isLever = word(shows, 'arm') === 'lever';
    return (
        <g>
            <g transform={isLever ? 'translate(0 268) scale(1 -1)' : undefined}>
                <Half shows={shows} seed={seed} out={amount(shows, 'restMillimetres')} degrees={0} />
                <g transform={`translate(${SECOND} 0)`}>
                    <Half
                        shows={shows}
                        seed={seed}
                        out={amount(shows, 'workedMillimetres')}
                        degrees={-WORKED_DEGREES}
                    />
                </g>
            </g>
            <path d="M184 8V266" className="stroke-part-edge" strokeWidth={2} strokeDasharray="3 6" />
            {[t('look-picture.at-rest'), t(isLever ? 'look-picture.pulled' : 'look-picture.pressed')].map(
                (label, side) => (
                    <text
                        key={label}
                        x={side === 0 ? 92 : 286}
                        y={290}
                        textAnchor="middle"
                        className="fill-part-ink font-mono text-[16px] stroke-none"
                    >
                        {label}
                    </text>
                ),
            )}
        </g>
    );
}

interface HalfProps {
    shows: Shows;
    seed: string;
    /** Millimetres the plunger stands out. */
    out: number;
    degrees: number;
}

function Half({ shows, seed, out, degrees }: HalfProps) {
    // where the switch sits follows from the arm at rest, which leans against its own stop
    const reach = amount(shows, 'clearMillimetres') + amount(shows, 'restMillimetres');
    const end = ARM.face - reach * PIXELS_A_MILLIMETRE;
    const middle = BODY.top + BODY.height / 2;
    return (
        <g>
            <path
                d={`M${end - BODY.length + 6} ${middle}q-40 40 -4 124`}
                className="fill-none stroke-part-rubber"
                strokeWidth={9}
            />
            <rect
                x={end}
                y={middle - 6}
                width={out * PIXELS_A_MILLIMETRE}
                height={12}
                className="fill-part-shine stroke-part-edge"
                strokeWidth={2}
            />
            <rect
                x={end - BODY.length}
                y={BODY.top}
                width={BODY.length}
                height={BODY.height}
                rx={5}
                className="fill-part-plastic stroke-part-edge"
                strokeWidth={3}
            />
            <Specks
                seed={seed}
                many={40}
                round
                share={amount(shows, 'grime')}
                box={{
                    x: end - BODY.length + 4,
                    y: BODY.top + 4,
                    width: BODY.length - 8,
                    height: BODY.height - 8,
                }}
                size={4}
                className="fill-part-dirt"
            />
            <path d="M44 40H56V232H44Z" className="fill-part-metal-dark stroke-part-edge" strokeWidth={3} />
            <g transform={`rotate(${degrees} ${ARM.face + ARM.width / 2} ${ARM.pivot})`}>
                <path
                    d={`M${ARM.face} ${ARM.pivot}H${ARM.face + ARM.width}V${ARM.foot}H${ARM.face}Z`}
                    className="fill-part-metal stroke-part-edge"
                    strokeWidth={3}
                />
                <rect
                    x={ARM.face - 12}
                    y={ARM.foot}
                    width={ARM.width + 24}
                    height={18}
                    rx={6}
                    className="fill-part-rubber stroke-part-edge"
                    strokeWidth={3}
                />
            </g>
            <circle
                cx={ARM.face + ARM.width / 2}
                cy={ARM.pivot}
                r={15}
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={3}
            />
        </g>
    );
}
