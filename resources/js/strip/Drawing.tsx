import type { Channel, DataSheet } from '../api/types';
import { t } from '../words/words';
import { STRIP, type CableSpot, type PlugSpot, type StripLayout } from './layout';

interface Props {
    channel: Channel;
    spots: StripLayout;
    openPlugs: string[];
    turning: boolean;
    sheet: DataSheet | null;
    /** Whether leads can be put on pads, so that the pads off the channel are named. */
    probing: boolean;
}

const [UPPER, LOWER] = STRIP.wires;
const MIDDLE = (UPPER + LOWER) / 2;

/** The ink of the strip: nothing here can be touched. */
export function Drawing({ channel, spots, openPlugs, turning, sheet, probing }: Props) {
    const wiring = sheet?.channels.find((one) => one.channel === channel.id);
    return (
        <g aria-hidden className="fill-none stroke-ink" strokeWidth={1.5}>
            <Ring turning={turning} />
            <Sensor />
            {spots.plugs.map((plug) => (
                <Plug key={plug.name} plug={plug} open={openPlugs.includes(plug.plugId)} />
            ))}
            {spots.cables.map((cable) => (
                <Cable key={cable.name} cable={cable} />
            ))}
            <Module />
            <g className="tabular fill-ink-soft stroke-none text-small" fontSize={10}>
                {wiring?.conductors.map((conductor, row) => (
                    <g key={conductor.id}>
                        <text
                            x={spots.plugs[0]!.middle + 16}
                            y={row === 0 ? UPPER - 17 : LOWER + 25}
                            fontSize={10}
                        >
                            {conductor.sensorPin} {t(`colour.${conductor.colour}`)}
                        </text>
                        <text
                            x={spots.plugs[spots.plugs.length - 1]!.middle - 31}
                            y={row === 0 ? UPPER - 17 : LOWER + 25}
                            textAnchor="end"
                            fontSize={10}
                        >
                            {t('bay.pin', { pin: conductor.modulePin })}
                        </text>
                    </g>
                ))}
                {(probing ? spots.pads.slice(-3) : []).map((pad) => (
                    <text key={pad.id} x={pad.x + 11} y={pad.y + 3.5} fontSize={11}>
                        {t(`pad.${pad.id}`)}
                    </text>
                ))}
            </g>
        </g>
    );
}

/** A segment of the toothed ring, facing the sensor. */
function Ring({ turning }: { turning: boolean }) {
    const outer = 46;
    const teeth = Array.from({ length: 7 }, (_, tooth) => (tooth - 3) * 15);
    const at = (degrees: number, radius: number) =>
        `${(radius * Math.cos((degrees * Math.PI) / 180)).toFixed(1)} ${(radius * Math.sin((degrees * Math.PI) / 180)).toFixed(1)}`;
    const edge = teeth
        .map(
            (angle) =>
                `L ${at(angle - 6, outer - 7)} L ${at(angle - 4, outer)} L ${at(angle + 4, outer)} L ${at(angle + 6, outer - 7)}`,
        )
        .join(' ');
    return (
        <g transform={`translate(8 ${MIDDLE})`}>
            <path
                d={`M ${at(-54, outer - 22)} L ${at(-54, outer - 7)} ${edge} L ${at(54, outer - 7)} L ${at(54, outer - 22)} A ${outer - 22} ${outer - 22} 0 0 0 ${at(-54, outer - 22)} Z`}
                className="fill-floor-deep"
            />
            {turning && (
                <path
                    d={`M ${at(-48, outer - 15)} A ${outer - 15} ${outer - 15} 0 0 1 ${at(48, outer - 15)}`}
                    strokeDasharray="8 4"
                    className="turning stroke-petrol"
                    strokeWidth={3}
                />
            )}
            <path d={`M 54 -6 V 6 M 60 -6 V 6 M 50 0 H 54 M 60 0 H 64`} strokeWidth={1.2} />
        </g>
    );
}

function Sensor() {
    const [left, right] = STRIP.sensor;
    const coil = 'a 4.5 5 0 0 1 9 0 '.repeat(4);
    return (
        <>
            <rect
                x={left}
                y={UPPER - 12}
                width={right - left}
                height={LOWER - UPPER + 24}
                rx={4}
                className="fill-paper"
            />
            <path d={`M ${left + 8} ${MIDDLE + 2} ${coil}`} />
            <path
                d={`M ${right} ${UPPER} H ${STRIP.links[0] + 10} M ${right} ${LOWER} H ${STRIP.links[0] + 10}`}
            />
        </>
    );
}

function Plug({ plug, open }: { plug: PlugSpot; open: boolean }) {
    const apart = open ? 6 : 0;
    const top = UPPER - 12;
    const height = LOWER - UPPER + 24;
    const rows = [UPPER, LOWER];
    return (
        <>
            {open && (
                <rect
                    x={plug.middle - 6}
                    y={top - 8}
                    width={12}
                    height={height + 16}
                    className="fill-petrol-tint stroke-petrol"
                    strokeWidth={0.8}
                    strokeDasharray="3 3"
                />
            )}
            {rows.map((y) => (
                <path
                    key={y}
                    d={`M ${plug.middle - 23} ${y} H ${plug.middle - 11 - apart} M ${plug.middle + 11 + apart} ${y} H ${plug.middle + 23}`}
                />
            ))}
            <rect
                x={plug.middle - 12 - apart}
                y={top}
                width={12}
                height={height}
                rx={2}
                className="fill-paper"
            />
            <rect x={plug.middle + apart} y={top} width={12} height={height} rx={2} className="fill-paper" />
        </>
    );
}

function Cable({ cable }: { cable: CableSpot }) {
    const from = cable.from - 10;
    const to = cable.to + 10;
    if (!cable.twisted) return <path d={`M ${from} ${UPPER} H ${to} M ${from} ${LOWER} H ${to}`} />;
    const turns = 3;
    const inset = 22;
    const length = (to - from - 2 * inset) / turns;
    const wave = (start: number, end: number) => {
        let path = `M ${from} ${start} H ${from + inset}`;
        for (let turn = 0, y = start, other = end; turn < turns; turn++, [y, other] = [other, y]) {
            path += ` c ${length / 2} 0 ${length / 2} ${other - y} ${length} ${other - y}`;
        }
        return `${path} ${turns % 2 === 1 ? `M ${to - inset} ${end} H ${to}` : `H ${to}`}`;
    };
    return (
        <>
            <path d={wave(UPPER, LOWER)} />
            <path d={wave(LOWER, UPPER)} />
        </>
    );
}

function Module() {
    const [left, right] = STRIP.module;
    const [code, codeEnd] = STRIP.code;
    return (
        <>
            <path
                d={`M ${STRIP.links[1] - 10} ${UPPER} H ${left} M ${STRIP.links[1] - 10} ${LOWER} H ${left}`}
            />
            <rect
                x={left}
                y={UPPER - 30}
                width={right - left}
                height={LOWER - UPPER + 60}
                rx={2}
                className="fill-paper"
            />
            <path
                d={`M ${left} ${UPPER} h 14 l 12 9 M ${left} ${LOWER} h 14 l 12 -9 M ${left + 34} ${MIDDLE} h 18`}
            />
            <path d={`M ${right} ${MIDDLE} H ${code} M ${codeEnd} ${MIDDLE} H ${STRIP.lamp - 9}`} />
            <rect x={code} y={MIDDLE - 12} width={codeEnd - code} height={24} className="fill-paper" />
            <text
                x={(code + codeEnd) / 2}
                y={MIDDLE + 3.5}
                textAnchor="middle"
                fontSize={10}
                className="tabular fill-ink stroke-none"
            >
                C…
            </text>
            <circle cx={STRIP.lamp} cy={MIDDLE} r={9} className="fill-paper" />
            <path d={`M ${STRIP.lamp - 6} ${MIDDLE - 6} l 12 12 m 0 -12 l -12 12`} strokeWidth={1} />
        </>
    );
}
