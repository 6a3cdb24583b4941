import type { Attempt } from '../api/types';
import type { Lead, Leads } from '../strip/Board';
import { PathStrip } from '../strip/PathStrip';
import { SupplyStrip } from '../strip/SupplyStrip';
import { SwitchStrip } from '../strip/SwitchStrip';
import { UnitStrip } from '../strip/UnitStrip';
import { hasUnit, type Station } from '../words/card';
import { t } from '../words/words';
import { StateLine } from './StateLine';
import { StationRow } from './StationRow';

interface Props {
    attempt: Attempt;
    channelId: string;
    station: Station;
    leads: Leads;
    onStation: (station: Station) => void;
    onLead: (lead: Lead, pad: string) => void;
}

/** The strip of a corner, of the module's supply, of the hydraulic unit or of the switches, and the stations beneath it. */
export function PathSection({ attempt, channelId, station, leads, onStation, onLead }: Props) {
    const { car, state, dataSheet: sheet } = attempt;
    const channel = car.channels.find((one) => one.id === channelId);
    const atUnit = hasUnit(car) && (station === 'hydraulics' || station === 'brakes');
    const atSwitches = hasUnit(car) && station === 'switches';
    const title =
        channel === undefined
            ? t(atUnit ? 'bay.unit-title' : atSwitches ? 'bay.switches-title' : 'bay.supply-title')
            : t('bay.ring-to-lamp', { channel: t(`channel.${channelId}`) });
    const common = { car, state, sheet, leads, onLead, station, onStation };
    return (
        <section
            data-tour="strip"
            aria-label={title}
            className="shrink-0 rounded-part border border-floor-deep bg-bench px-3 py-2 narrow:overflow-x-auto"
        >
            <div className="flex justify-between">
                <h2>{title}</h2>
                <StateLine attempt={attempt} channel={channelId} />
            </div>
            {channel === undefined && atUnit ? (
                <UnitStrip {...common} />
            ) : channel === undefined && atSwitches ? (
                <SwitchStrip {...common} />
            ) : channel === undefined ? (
                <SupplyStrip {...common} />
            ) : (
                <PathStrip
                    {...common}
                    channel={channel}
                    openPlugs={state.openPlugs}
                    turning={state.turningChannels.includes(channelId)}
                />
            )}
            <StationRow attempt={attempt} channel={channelId} station={station} onChoose={onStation} />
        </section>
    );
}
