import type { Car, Channel, DataSheet } from '../api/types';
import { t } from '../words/words';
import { Drawing } from './Drawing';
import { layout, STRIP } from './layout';
import { LeadCurve } from './LeadCurve';
import { PadCircle } from './PadCircle';
import { padName } from './padName';
import { useLeadDrag } from './useLeadDrag';
import { usePadFocus } from './usePadFocus';

export type Lead = 'one' | 'two';
export type Leads = Record<Lead, string>;

interface Props {
    car: Car;
    channel: Channel;
    openPlugs: string[];
    turning: boolean;
    sheet: DataSheet | null;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
}

/** The path of one corner as a strip: ring, gap, sensor, plug, loom, plug, module, code, lamp. */
export function PathStrip({ car, channel, openPlugs, turning, sheet, leads, onLead }: Props) {
    const spots = layout(car, channel);
    const { position: focused, register, go, at } = usePadFocus(spots.pads);
    const { surface, dragging, move, drop, grab } = useLeadDrag((lead, pad) => onLead?.(lead, pad));
    const free: Lead = leads?.one === '' || leads === undefined || leads.two !== '' ? 'one' : 'two';
    const blocked = (pad: string) =>
        !openPlugs.includes(car.modulePlug) && pad.includes(`.${moduleSide(car, channel)}.module.`);

    return (
        <svg
            ref={surface}
            viewBox={`0 0 ${STRIP.width} ${leads === undefined ? STRIP.bareHeight : STRIP.height}`}
            className="w-full touch-none overflow-visible select-none"
            role="group"
            aria-label={t('bay.strip-label')}
            onPointerMove={move}
            onPointerUp={drop}
        >
            <Drawing
                channel={channel}
                spots={spots}
                openPlugs={openPlugs}
                turning={turning}
                sheet={sheet}
                probing={leads !== undefined}
            />
            {leads !== undefined &&
                (['one', 'two'] as const).map((lead) => (
                    <LeadCurve
                        key={lead}
                        lead={lead}
                        spot={
                            dragging?.lead === lead
                                ? dragging
                                : spots.pads.find((pad) => pad.id === leads[lead])
                        }
                        onGrab={() => grab(lead)}
                    />
                ))}
            {leads !== undefined &&
                spots.pads.map((pad, position) => (
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
                        onPlace={(lead) => onLead?.(lead ?? free, pad.id)}
                        onGrab={(lead) => grab(lead)}
                    />
                ))}
        </svg>
    );
}

function moduleSide(car: Car, channel: Channel): string {
    return channel.links.find((link) => link.plug === car.modulePlug)?.name ?? '';
}
