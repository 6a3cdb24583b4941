import { type ReactNode, useId } from 'react';

/** A magnifying glass: how strong, and over which point of the picture. */
export interface HeldGlass {
    times: number;
    x: number;
    y: number;
}

const RADIUS = 76;

export function Glass({ held, children }: { held: HeldGlass; children: ReactNode }) {
    const id = useId();
    const { x, y, times } = held;
    return (
        <g>
            <clipPath id={id}>
                <circle cx={x} cy={y} r={RADIUS} />
            </clipPath>
            <g clipPath={`url(#${id})`}>
                <circle cx={x} cy={y} r={RADIUS} className="fill-part-ground" />
                <g transform={`translate(${x} ${y}) scale(${times}) translate(${-x} ${-y})`}>{children}</g>
            </g>
            <circle cx={x} cy={y} r={RADIUS} className="fill-none stroke-part-ink" strokeWidth={6} />
            <circle cx={x} cy={y} r={RADIUS - 4} className="fill-none stroke-part-shine" strokeWidth={1.5} />
        </g>
    );
}
