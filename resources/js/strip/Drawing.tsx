import type { Channel, DataSheet } from '../api/types';
import { t } from '../words/words';
import { STRIP, wireHeights, type CableSpot, type PlugSpot, type StripLayout } from './layout';
import { Ring } from './Ring';

interface Props {
    /** Of a code that a lamp blinks; 0 where a tool reads them. */
    codeDigits: number;
    channel: Channel;
    spots: StripLayout;
    openPlugs: string[];
    turning: boolean;
    sheet: DataSheet | null;
    /** Whether leads can be put on pads, so that the pads off the channel are named. */
    probing: boolean;
}

const HOUSING_MARGIN = 12;

/** The ink of the strip: nothing here can be touched. */
export function Drawing({ channel, spots, openPlugs, turning, sheet, probing, codeDigits }: Props) {
    const heights = wireHeights(channel.conductors.length);
    return (
        <g aria-hidden className="fill-none stroke-ink" strokeWidth={1.5}>
            <Ring turning={turning} />
            <Sensor heights={heights} active={channel.technology !== 'passive'} />
            {spots.plugs.map((plug) => (
                <Plug key={plug.name} plug={plug} heights={heights} open={openPlugs.includes(plug.plugId)} />
            ))}
            {spots.cables.map((cable) => (
                <Cable key={cable.name} cable={cable} heights={heights} />
            ))}
            <Module heights={heights} code={codeDigits > 0 ? '·'.repeat(codeDigits) : 'C…'} />
            <g className="tabular fill-ink-soft stroke-none text-small">
                <Labels sheet={sheet} channel={channel} spots={spots} heights={heights} />
                {(probing ? spots.fixed : []).map((pad) => (
                    <text key={pad.id} x={pad.x + 11} y={pad.y + 3.5} fontSize={11}>
                        {t(`pad.${pad.id}`)}
                    </text>
                ))}
            </g>
        </g>
    );
}

type LabelProps = Pick<Props, 'sheet' | 'channel' | 'spots'> & { heights: number[] };

/** Pins and colours, once the data sheet has been looked up: the last below the wires, the others above. */
function Labels({ sheet, channel, spots, heights }: LabelProps) {
    const wiring = sheet?.channels.find((one) => one.channel === channel.id);
    const last = heights.length - 1;
    const y = (row: number) =>
        row === last ? heights[last]! + 25 : heights[0]! - 17 - (last - 1 - row) * 11;
    return wiring?.conductors.map((conductor, row) => (
        <g key={conductor.id}>
            <text x={spots.plugs[0]!.middle + 36} y={y(row)} fontSize={10}>
                {conductor.sensorPin} {t(`colour.${conductor.colour}`)}
            </text>
            <text
                x={spots.plugs[spots.plugs.length - 1]!.middle - 31}
                y={y(row)}
                textAnchor="end"
                fontSize={10}
            >
                {t('bay.pin', { pin: conductor.modulePin })}
            </text>
        </g>
    ));
}

/** A coil, or the square wave of an active sensor. */
function Sensor({ heights, active }: { heights: number[]; active: boolean }) {
    const [left, right] = STRIP.sensor;
    const [top, bottom] = edges(heights);
    return (
        <>
            <rect x={left} y={top} width={right - left} height={bottom - top} rx={4} className="fill-paper" />
            {active ? (
                <path d={`M ${left + 8} ${STRIP.middle + 6} h 7 v -12 h 10 v 12 h 10 v -12 h 7`} />
            ) : (
                <path d={`M ${left + 8} ${STRIP.middle + 2} ${'a 4.5 5 0 0 1 9 0 '.repeat(4)}`} />
            )}
            {heights.map((y) => (
                <path key={y} d={`M ${right} ${y} H ${STRIP.links[0] + 10}`} />
            ))}
        </>
    );
}

function Plug({ plug, heights, open }: { plug: PlugSpot; heights: number[]; open: boolean }) {
    const apart = open ? 6 : 0;
    const [top, bottom] = edges(heights);
    return (
        <>
            {open && (
                <rect
                    x={plug.middle - 6}
                    y={top - 8}
                    width={12}
                    height={bottom - top + 16}
                    className="fill-petrol-tint stroke-petrol"
                    strokeWidth={0.8}
                    strokeDasharray="3 3"
                />
            )}
            {heights.map((y) => (
                <path
                    key={y}
                    d={`M ${plug.middle - 23} ${y} H ${plug.middle - 11 - apart} M ${plug.middle + 11 + apart} ${y} H ${plug.middle + 23}`}
                />
            ))}
            <rect
                x={plug.middle - 12 - apart}
                y={top}
                width={12}
                height={bottom - top}
                rx={2}
                className="fill-paper"
            />
            <rect
                x={plug.middle + apart}
                y={top}
                width={12}
                height={bottom - top}
                rx={2}
                className="fill-paper"
            />
        </>
    );
}

/** Straight ends of a cable, and no more than this share of a short one. */
const TWIST_INSET = 22;
const TWIST_INSET_SHARE = 0.16;

/** The wires of a cable; twisted ones change places until each is back in its own. */
function Cable({ cable, heights }: { cable: CableSpot; heights: number[] }) {
    const from = cable.from - 10;
    const to = cable.to + 10;
    const turns = cable.twisted ? (heights.length === 2 ? 4 : heights.length) : 0;
    const inset = Math.min(TWIST_INSET, (to - from) * TWIST_INSET_SHARE);
    const length = turns === 0 ? 0 : (to - from - 2 * inset) / turns;
    return heights.map((start, wire) => {
        let path = `M ${from} ${start} H ${from + inset}`;
        for (let turn = 0; turn < turns; turn++) {
            const here = heights[(wire + turn) % heights.length]!;
            const next = heights[(wire + turn + 1) % heights.length]!;
            path += ` c ${length / 2} 0 ${length / 2} ${next - here} ${length} ${next - here}`;
        }
        return <path key={start} d={`${path} H ${to}`} />;
    });
}

function Module({ heights, code: told }: { heights: number[]; code: string }) {
    const [left, right] = STRIP.module;
    const [code, codeEnd] = STRIP.code;
    const [top, bottom] = edges(heights);
    return (
        <>
            <rect
                x={left}
                y={top - 18}
                width={right - left}
                height={bottom - top + 36}
                rx={2}
                className="fill-paper"
            />
            {heights.map((y) => (
                <path
                    key={y}
                    d={`M ${STRIP.links[1] - 10} ${y} H ${left + 14} L ${left + 28} ${STRIP.middle}`}
                />
            ))}
            <path
                d={`M ${left + 34} ${STRIP.middle} h 18 M ${right} ${STRIP.middle} H ${code} M ${codeEnd} ${STRIP.middle} H ${STRIP.lamp - 9}`}
            />
            <rect x={code} y={STRIP.middle - 12} width={codeEnd - code} height={24} className="fill-paper" />
            <text
                x={(code + codeEnd) / 2}
                y={STRIP.middle + 3.5}
                textAnchor="middle"
                fontSize={10}
                className="tabular fill-ink stroke-none"
            >
                {told}
            </text>
            <circle cx={STRIP.lamp} cy={STRIP.middle} r={9} className="fill-paper" />
            <path d={`M ${STRIP.lamp - 6} ${STRIP.middle - 6} l 12 12 m 0 -12 l -12 12`} strokeWidth={1} />
        </>
    );
}

/** Upper and lower edge of a housing around these wires. */
function edges(heights: number[]): [number, number] {
    return [heights[0]! - HOUSING_MARGIN, heights[heights.length - 1]! + HOUSING_MARGIN];
}
