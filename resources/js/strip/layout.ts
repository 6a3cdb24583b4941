import type { Car, Channel } from '../api/types';

/** Where everything of a channel lies on its strip, from ring to lamp. Drawn from the same links the circuit is built from. */
export const STRIP = {
    width: 574,
    height: 186,
    bareHeight: 140,
    middle: 80,
    sensor: [76, 128],
    links: [134, 428],
    module: [428, 494],
    code: [508, 536],
    lamp: 556,
} as const;

const PLUG_WIDTH = 66;
const PAD_OFFSET = 23;

/** Heights of the wires; two lie far apart, three closer. */
export function wireHeights(count: number): number[] {
    const step = count === 2 ? 28 : 22;
    return Array.from({ length: count }, (_, row) => STRIP.middle + (row - (count - 1) / 2) * step);
}

export interface PadSpot {
    id: string;
    x: number;
    y: number;
}

export interface PlugSpot {
    name: string;
    plugId: string;
    middle: number;
}

export interface CableSpot {
    name: string;
    from: number;
    to: number;
    twisted: boolean;
}

export interface StripLayout {
    plugs: PlugSpot[];
    cables: CableSpot[];
    pads: PadSpot[];
    /** Those of them that are on no plug. */
    fixed: PadSpot[];
}

/** @param onBench the bench supply is connected somewhere, so that its terminals can be touched */
export function layout(car: Car, channel: Channel, onBench = false): StripLayout {
    const plugCount = channel.links.filter((link) => link.kind === 'plug').length;
    const cableCount = Math.max(1, channel.links.length - plugCount);
    const cableWidth = (STRIP.links[1] - STRIP.links[0] - plugCount * PLUG_WIDTH) / cableCount;
    const plugs: PlugSpot[] = [];
    const cables: CableSpot[] = [];
    let x: number = STRIP.links[0];
    for (const link of channel.links) {
        const width = link.kind === 'plug' ? PLUG_WIDTH : cableWidth;
        if (link.kind === 'plug') plugs.push({ name: link.name, plugId: link.plug, middle: x + width / 2 });
        else cables.push({ name: link.name, from: x, to: x + width, twisted: link.twisted });
        x += width;
    }
    const fixed = fixedPads(car, onBench);
    return { plugs, cables, pads: [...plugPads(car, channel, plugs), ...fixed], fixed };
}

function plugPads(car: Car, channel: Channel, plugs: PlugSpot[]): PadSpot[] {
    return car.pads
        .filter((pad) => pad.channel === channel.id)
        .map((pad) => {
            const plug = plugs.find((one) => one.name === pad.plug);
            const offset = pad.side === 'wheel' ? -PAD_OFFSET : PAD_OFFSET;
            return {
                id: pad.id,
                x: (plug?.middle ?? 0) + offset,
                y: wireHeights(channel.conductors.length)[channel.conductors.indexOf(pad.conductor)] ?? 0,
            };
        });
}

const FIRST_FIXED = 132;
const FIXED_STEP = 86;

/** Body and battery, and the bench supply where it is connected; the module's supply and the hydraulic unit have strips of their own. */
function fixedPads(car: Car, onBench: boolean): PadSpot[] {
    return car.pads
        .filter(({ id, channel }) => channel === '' && !id.startsWith('feed.') && !id.startsWith('unit.'))
        .filter(({ id }) => onBench || !id.startsWith('bench.'))
        .map((pad, position) => ({ id: pad.id, x: FIRST_FIXED + position * FIXED_STEP, y: 160 }));
}
