import { useRef, useState } from 'react';
import type { PadSpot } from './layout';

/** One tab stop for all pads; arrows go to the nearest pad in their direction. */
export function usePadFocus(pads: PadSpot[]) {
    const [position, setPosition] = useState(0);
    const elements = useRef<(SVGGElement | null)[]>([]);
    const current = Math.min(position, pads.length - 1);

    const go = (key: string): boolean => {
        const from = pads[current];
        const direction = DIRECTIONS[key];
        if (direction === undefined || from === undefined) return false;
        const next = nearest(pads, from, direction);
        if (next >= 0) {
            setPosition(next);
            elements.current[next]?.focus();
        }
        return true;
    };

    return {
        position: current,
        go,
        at: setPosition,
        register: (index: number) => (element: SVGGElement | null) => {
            elements.current[index] = element;
        },
    };
}

const DIRECTIONS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};
const SIDEWAYS_COST = 3;

function nearest(pads: PadSpot[], from: PadSpot, [dx, dy]: [number, number]): number {
    let best = -1;
    let least = Infinity;
    pads.forEach((pad, index) => {
        const along = (pad.x - from.x) * dx + (pad.y - from.y) * dy;
        const across = Math.abs((pad.x - from.x) * dy) + Math.abs((pad.y - from.y) * dx);
        if (along > 1 && along + SIDEWAYS_COST * across < least) {
            least = along + SIDEWAYS_COST * across;
            best = index;
        }
    });
    return best;
}
