import type { BayState, Car, Channel, DataSheet } from '../api/types';
import { t } from '../words/words';
import { Board, type Lead, type Leads } from './Board';
import { Drawing } from './Drawing';
import { Hookups } from './Hookups';
import type { Station } from '../words/card';
import { layout } from './layout';
import { StationFields, stationFields } from './StationFields';

interface Props {
    car: Car;
    channel: Channel;
    openPlugs: string[];
    turning: boolean;
    sheet: DataSheet | null;
    /** What hangs on the car from outside; left out, nothing does. */
    state?: BayState;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
    /** Left out, the drawing is only looked at. */
    station?: string;
    onStation?: (station: Station) => void;
}

/** The path of one corner as a strip: ring, gap, sensor, plug, loom, plug, module, code, lamp. */
export function PathStrip(props: Props) {
    const { car, channel, openPlugs, turning, sheet, state, leads, onLead, station, onStation } = props;
    const spots = layout(car, channel, state?.bench != null);
    const blocked = (pad: string) =>
        !openPlugs.includes(car.modulePlug) &&
        state?.breakout !== true &&
        pad.includes(`.${moduleSide(car, channel)}.module.`);

    return (
        <Board
            car={car}
            label={t('bay.strip-label')}
            pads={spots.pads}
            blocked={blocked}
            leads={leads}
            onLead={onLead}
        >
            <Drawing
                codeDigits={car.codeDigits}
                channel={channel}
                spots={spots}
                openPlugs={openPlugs}
                turning={turning}
                sheet={sheet}
                probing={leads !== undefined}
            />
            {station !== undefined && onStation !== undefined && (
                <StationFields fields={stationFields(spots)} chosen={station} onChoose={onStation} />
            )}
            {state !== undefined && <Hookups channel={channel} spots={spots} state={state} />}
        </Board>
    );
}

function moduleSide(car: Car, channel: Channel): string {
    return channel.links.find((link) => link.plug === car.modulePlug)?.name ?? '';
}
