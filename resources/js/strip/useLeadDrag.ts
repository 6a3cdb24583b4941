import { useRef, useState, type PointerEvent } from 'react';
import { STRIP } from './layout';
import type { Lead } from './Board';

interface Dragging {
    lead: Lead;
    x: number;
    y: number;
}

const LEAST_DISTANCE = 6;

/** Pulling a lead from one pad to another with mouse or finger. A press without a pull stays a click. */
export function useLeadDrag(onDrop: (lead: Lead, pad: string) => void) {
    const surface = useRef<SVGSVGElement>(null);
    const held = useRef<{ lead: Lead; x?: number; y?: number } | null>(null);
    const [dragging, setDragging] = useState<Dragging | null>(null);

    const move = (event: PointerEvent) => {
        const box = surface.current?.getBoundingClientRect();
        if (held.current === null || box === undefined) return;
        held.current.x ??= event.clientX;
        held.current.y ??= event.clientY;
        const far =
            Math.hypot(event.clientX - held.current.x, event.clientY - held.current.y) > LEAST_DISTANCE;
        if (far || dragging !== null) {
            const scale = STRIP.width / box.width;
            setDragging({
                lead: held.current.lead,
                x: (event.clientX - box.left) * scale,
                y: (event.clientY - box.top) * scale,
            });
        }
    };

    const drop = (event: PointerEvent) => {
        const lead = held.current?.lead;
        held.current = null;
        if (dragging === null || lead === undefined) return;
        setDragging(null);
        const pad = document
            .elementFromPoint(event.clientX, event.clientY)
            ?.closest('[data-pad]')
            ?.getAttribute('data-pad');
        if (pad != null) onDrop(lead, pad);
    };

    return { surface, dragging, move, drop, grab: (lead: Lead) => (held.current = { lead }) };
}
