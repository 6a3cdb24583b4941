import { useState, type ReactNode } from 'react';
import type { Car } from '../api/types';
import { LeadCurve } from './LeadCurve';
import { PadCircle } from './PadCircle';
import { STRIP, type PadSpot } from './layout';
import { padName } from './padName';
import { useLeadDrag } from './useLeadDrag';
import { usePadFocus } from './usePadFocus';

export type Lead = 'one' | 'two';
export type Leads = Record<Lead, string>;

interface Props {
    car: Car;
    label: string;
    pads: PadSpot[];
    /** Pads a lead does not get to as things stand. */
    blocked: (pad: string) => boolean;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
    /** The drawing beneath, in ink. */
    children: ReactNode;
}

/** A strip with pads, onto which two leads are put by click, drag or keyboard. Without leads it only shows. */
export function Board({ car, label, pads, blocked, leads, onLead, children }: Props) {
    const { position: focused, register, go, at } = usePadFocus(pads);
    const [moved, setMoved] = useState<Lead>('two');
    const put = (lead: Lead, pad: string) => {
        setMoved(lead);
        onLead?.(lead, pad);
    };
    const { surface, dragging, move, drop, grab } = useLeadDrag(put);
    const free = next(leads, pads, moved);

    return (
        <svg
            ref={surface}
            viewBox={`0 0 ${STRIP.width} ${leads === undefined ? STRIP.bareHeight : STRIP.height}`}
            className="w-full touch-none overflow-visible select-none narrow:min-w-155"
            role="group"
            aria-label={label}
            onPointerMove={move}
            onPointerUp={drop}
        >
            {children}
            {leads !== undefined &&
                (['one', 'two'] as const).map((lead) => (
                    <LeadCurve
                        key={lead}
                        lead={lead}
                        spot={dragging?.lead === lead ? dragging : pads.find((pad) => pad.id === leads[lead])}
                        onGrab={() => grab(lead)}
                    />
                ))}
            {leads !== undefined &&
                pads.map((pad, position) => (
                    <PadCircle
                        key={pad.id}
                        spot={pad}
                        name={padName(car, pad.id)}
                        lead={leads.one === pad.id ? 'one' : leads.two === pad.id ? 'two' : undefined}
                        blocked={blocked(pad.id)}
                        tabbable={focused === position}
                        elementRef={register(position)}
                        onArrow={go}
                        onFocus={() => at(position)}
                        onPlace={(lead) => put(lead ?? free, pad.id)}
                        onGrab={(lead) => grab(lead)}
                    />
                ))}
        </svg>
    );
}

/** The lead a click moves: one that hangs free, or lies at another corner, or else the one that has not just been moved. */
function next(leads: Leads | undefined, pads: PadSpot[], moved: Lead): Lead {
    const away = (['one', 'two'] as const).filter((lead) => !pads.some((pad) => pad.id === leads?.[lead]));
    return away[0] ?? (moved === 'one' ? 'two' : 'one');
}
