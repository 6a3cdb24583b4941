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
}

export function layout(car: Car, channel: Channel): StripLayout {
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
    return { plugs, cables, pads: [...plugPads(car, channel, plugs), ...fixedPads(car)] };
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

function fixedPads(car: Car): PadSpot[] {
    return car.pads
        .filter((pad) => pad.channel === '')
        .map((pad, position) => ({ id: pad.id, x: 150 + position * 130, y: 160 }));
}
