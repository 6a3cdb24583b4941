import type { BayState, Channel } from '../api/types';
import { wireHeights, type PadSpot, type StripLayout } from './layout';

interface Props {
    channel: Channel;
    spots: StripLayout;
    state: BayState;
}

const BOX_TOP = 18;
const BOX_HEIGHT = 16;

/** What hangs on this corner from outside: generator, bench supply, jumper leads. */
export function Hookups({ channel, spots, state }: Props) {
    const at = (pad: string) => spots.pads.find((one) => one.id === pad);
    const first = spots.plugs[0]!;
    const pins = (side: string) =>
        channel.conductors.flatMap((pin) => at(`${channel.id}.${first.name}.${side}.${pin}`) ?? []);
    return (
        <g aria-hidden className="fill-none stroke-petrol" strokeWidth={1.5}>
            {state.injection?.channel === channel.id && (
                <Source x={first.middle + 23} pads={pins('module')} sign="∿" />
            )}
            {state.bench?.channel === channel.id && (
                <Source
                    x={first.middle - 23}
                    pads={
                        state.bench.leads.length > 0
                            ? state.bench.leads.flatMap(({ pad }) => at(pad) ?? [])
                            : pins('wheel')
                    }
                    sign={
                        state.bench.leads.map(({ mark }) => mark).join('') ||
                        (state.bench.reversed ? '−+' : '+−')
                    }
                />
            )}
            {[...state.jumpers, ...(state.meterInSeries === null ? [] : [state.meterInSeries])].map(
                ({ first: one, second: other }) => (
                    <Jumper key={`${one} ${other}`} one={at(one)} other={at(other)} names={[one, other]} />
                ),
            )}
        </g>
    );
}

/** A box with a lead to each pin it feeds. */
function Source({ x, pads, sign }: { x: number; pads: PadSpot[]; sign: string }) {
    return (
        <>
            {pads.map((pad, pin) => (
                <path
                    key={pad.id}
                    d={`M ${x + 4 * pin} ${BOX_TOP + BOX_HEIGHT} V 52 C ${x + 9 * pin} 66, ${x + 12 * pin} ${pad.y - 10}, ${pad.x} ${pad.y}`}
                />
            ))}
            <rect
                x={x - 14}
                y={BOX_TOP}
                width={28}
                height={BOX_HEIGHT}
                rx={2}
                className="fill-petrol-tint stroke-petrol"
            />
            <text
                x={x}
                y={BOX_TOP + 12}
                textAnchor="middle"
                fontSize={12}
                className="fill-ink stroke-none font-semibold"
            >
                {sign}
            </text>
        </>
    );
}

/** A lead between two pads, or from one of them off to another corner, whose name stands at its end. */
function Jumper({ one, other, names }: { one?: PadSpot; other?: PadSpot; names: [string, string] }) {
    if (one !== undefined && other !== undefined)
        return <path d={`M ${one.x} ${one.y} C ${one.x} 26, ${other.x} 26, ${other.x} ${other.y}`} />;
    const here = one ?? other;
    if (here === undefined) return null;
    const far = (one === undefined ? names[0] : names[1]).split('.')[0];
    const away = here.id.includes('.wheel.') ? -1 : 1;
    const y = wireHeights(2)[0]! > here.y - 1 ? 14 : 28;
    const x = here.x + away * 34;
    return (
        <>
            <path d={`M ${here.x} ${here.y} C ${here.x} ${y}, ${here.x + away * 8} ${y}, ${x} ${y}`} />
            <text
                x={x + away * 3}
                y={y + 4}
                fontSize={11}
                textAnchor={away < 0 ? 'end' : 'start'}
                className="tabular fill-ink stroke-none"
            >
                {far}
            </text>
        </>
    );
}
