import type { BayState, Car, DataSheet } from '../api/types';
import { t } from '../words/words';
import { Board, type Lead, type Leads } from './Board';
import type { Station } from '../words/card';
import { STRIP, type PadSpot } from './layout';
import { StationFields, type StationField } from './StationFields';

interface Props {
    car: Car;
    state: BayState;
    sheet: DataSheet | null;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
    station?: Station;
    onStation?: (station: Station) => void;
}

const LIVE = 52;
const GROUND = 122;

const PADS: PadSpot[] = [
    { id: 'battery.positive', x: 40, y: 62 },
    { id: 'battery.negative', x: 40, y: 112 },
    { id: 'feed.fuse.in', x: 130, y: LIVE },
    { id: 'feed.fuse.out', x: 190, y: LIVE },
    { id: 'feed.relay.out', x: 288, y: LIVE },
    { id: 'feed.supply', x: 392, y: LIVE },
    { id: 'feed.ground', x: 392, y: GROUND },
    { id: 'body', x: 210, y: 160 },
];

const FIELDS: StationField[] = [
    { station: 'supply', from: 0, to: 400 },
    { station: 'module', from: 440, to: STRIP.width },
];

/** The supply of the module as a strip: battery, fuse, relay, plug, module, and back over its ground to the body. */
export function SupplyStrip({ car, state, sheet, leads, onLead, station, onStation }: Props) {
    const open = state.openPlugs.includes(car.modulePlug);
    return (
        <Board
            car={car}
            label={t('bay.supply-label')}
            pads={PADS}
            blocked={() => false}
            leads={leads}
            onLead={onLead}
        >
            <g aria-hidden className="fill-none stroke-ink" strokeWidth={1.5}>
                <rect x={24} y={76} width={32} height={22} rx={2} className="fill-paper" />
                <path d={`M 34 82 h 6 M 37 79 v 6 M 43 92 h 6 M 40 62 V 76 M 40 98 V 112`} />
                <path d={`M 40 62 V ${LIVE} H 130 M 40 112 V 160 H 210`} />
                <rect x={140} y={LIVE - 7} width={40} height={14} rx={2} className="fill-paper" />
                <path d={`M 130 ${LIVE} H 146 c 6 -8 10 -8 14 0 s 8 8 14 0 H 190`} />
                <path
                    d={`M 190 ${LIVE} H 222 ${state.ignition === 'off' ? `L 254 ${LIVE - 14}` : `L 256 ${LIVE}`} M 256 ${LIVE} H 392`}
                />
                <rect x={228} y={LIVE + 10} width={22} height={12} className="fill-paper" />
                <path
                    d={`M 239 ${LIVE + 10} V ${LIVE - (state.ignition === 'off' ? 7 : 1)}`}
                    strokeDasharray="2 2"
                />
                <path
                    d={`M 392 ${GROUND} H 210 V 160 M 198 172 h 24 M 203 177 h 14 M 207 182 h 6 M 210 160 v 12`}
                />
                {[LIVE, GROUND].map((y) => (
                    <path key={y} d={`M 392 ${y} H ${open ? 402 : 420} M ${open ? 426 : 420} ${y} H 452`} />
                ))}
                {[0, 1].map((half) => (
                    <rect
                        key={half}
                        x={408 + half * 12 + (open ? (half === 0 ? -6 : 6) : 0)}
                        y={LIVE - 12}
                        width={12}
                        height={GROUND - LIVE + 24}
                        rx={2}
                        className="fill-paper"
                    />
                ))}
                <rect
                    x={452}
                    y={LIVE - 20}
                    width={66}
                    height={GROUND - LIVE + 40}
                    rx={2}
                    className="fill-paper"
                />
                <path
                    d={`M 485 ${LIVE} V ${LIVE + 20} m -7 0 h 14 v 30 h -14 Z M 485 ${LIVE + 50} V ${GROUND} M 452 ${LIVE} H 485 M 452 ${GROUND} H 485`}
                />
            </g>
            {station !== undefined && onStation !== undefined && (
                <StationFields fields={FIELDS} chosen={station} onChoose={onStation} />
            )}
            <g aria-hidden className="fill-none stroke-petrol" strokeWidth={1.5}>
                {state.jumpers.map((lead) => (
                    <Bridge key={`${lead.first} ${lead.second}`} lead={lead} />
                ))}
            </g>
            <g aria-hidden className="tabular fill-ink-soft text-small">
                <text x={60} y={92} fontSize={11}>
                    {t('bay.battery')}
                </text>
                <text x={160} y={LIVE - 13} textAnchor="middle" fontSize={11}>
                    {sheet === null ? t('part.fuse') : `${sheet.feed.fuse}, ${sheet.feed.fuseAmperes}\u2009A`}
                </text>
                <text x={239} y={LIVE + 36} textAnchor="middle" fontSize={11}>
                    {t('part.relay')}
                </text>
                <text x={485} y={LIVE - 7} textAnchor="middle" fontSize={11}>
                    {t('station.module')}
                </text>
                <text x={222} y={156} fontSize={11}>
                    {t('pad.body')}
                </text>
                {sheet !== null && (
                    <>
                        <text x={384} y={LIVE - 10} textAnchor="end" fontSize={11}>
                            {t('bay.pin', { pin: sheet.feed.supplyPin })}
                        </text>
                        <text x={384} y={GROUND - 8} textAnchor="end" fontSize={11}>
                            {t('bay.pin', { pin: sheet.feed.groundPin })}
                        </text>
                    </>
                )}
            </g>
        </Board>
    );
}

/** A jumper lead between two pads of this strip. */
function Bridge({ lead }: { lead: BayState['jumpers'][number] }) {
    const [one, other] = [lead.first, lead.second].map((id) => PADS.find((pad) => pad.id === id));
    if (one === undefined || other === undefined) return null;
    const x = (one.x + other.x) / 2;
    const y = (one.y + other.y) / 2 + 34;
    return <path d={`M ${one.x} ${one.y} Q ${x} ${y} ${other.x} ${other.y}`} />;
}
