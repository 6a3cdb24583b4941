import type { KeyboardEvent } from 'react';
import { t } from '../words/words';
import type { PadSpot } from './layout';
import type { Lead } from './Board';

interface Props {
    spot: PadSpot;
    name: string;
    lead?: Lead;
    blocked: boolean;
    tabbable: boolean;
    elementRef: (element: SVGGElement | null) => void;
    onArrow: (key: string) => boolean;
    onFocus: () => void;
    onPlace: (lead?: Lead) => void;
    onGrab: (lead: Lead) => void;
}

const KEYS: Record<string, Lead> = { '1': 'one', '2': 'two' };

/** A place a lead can touch. 1 and 2 put a lead on it, arrows go to the next, a click takes the lead that is free. */
export function PadCircle({
    spot,
    name,
    lead,
    blocked,
    tabbable,
    elementRef,
    onArrow,
    onFocus,
    onPlace,
    onGrab,
}: Props) {
    const onKeyDown = (event: KeyboardEvent) => {
        const placed = KEYS[event.key];
        if (placed !== undefined) onPlace(placed);
        else if (event.key === 'Enter' || event.key === ' ') onPlace();
        else if (!onArrow(event.key)) return;
        event.preventDefault();
        event.stopPropagation();
    };
    const digit = lead === 'one' ? '1' : '2';
    const held = lead === undefined ? '' : `, ${t(`bay.lead-${lead}`)} ${digit}`;
    return (
        <g
            ref={elementRef}
            role="button"
            tabIndex={tabbable ? 0 : -1}
            aria-label={`${name}${held}`}
            data-pad={spot.id}
            onKeyDown={onKeyDown}
            onFocus={onFocus}
            onClick={() => onPlace()}
            onPointerDown={() => lead !== undefined && onGrab(lead)}
            className="cursor-pointer outline-offset-0"
        >
            <circle cx={spot.x} cy={spot.y} r={12} className="fill-transparent" />
            <circle
                cx={spot.x}
                cy={spot.y}
                r={lead === undefined ? 5.5 : 7}
                strokeWidth={1.5}
                strokeDasharray={blocked ? '2 2' : undefined}
                className={`stroke-ink ${lead === 'one' ? 'fill-petrol' : lead === 'two' ? 'fill-ochre' : 'fill-paper'}`}
            />
            {lead !== undefined && (
                <text
                    x={spot.x}
                    y={spot.y + 3.5}
                    textAnchor="middle"
                    className="tabular fill-marking text-small"
                    fontSize={10}
                    aria-hidden
                >
                    {digit}
                </text>
            )}
        </g>
    );
}
