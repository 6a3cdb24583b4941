import type { BayState, Car } from '../api/types';
import { t } from '../words/words';
import type { Station } from '../words/card';
import { Board, type Lead, type Leads } from './Board';
import { COIL } from './padName';
import { STRIP, type PadSpot } from './layout';
import { StationFields, type StationField } from './StationFields';

interface Props {
    car: Car;
    state: BayState;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
    station?: Station;
    onStation?: (station: Station) => void;
}

const VALVES = 44;
const PUMP = 121;
const FEED_X = [84, 124, 178, 216] as const;
const COILS = [246, STRIP.width - 26] as const;
const COIL_PAD = 92;
const BODY = 166;
const GROUND_X = 320;

const FEEDS = [
    ['unit.valves', VALVES],
    ['unit.pump', PUMP],
] as const;

const FIELDS: StationField[] = [
    { station: 'supply', from: 0, to: 62 },
    { station: 'hydraulics', from: 226, to: STRIP.width },
];

/** The wires of the hydraulic unit: battery, two fuses and relays, the windings of its valves, its pump, and one ground for all. */
export function UnitStrip({ car, state, leads, onLead, station, onStation }: Props) {
    const coils = car.pads.filter(({ id }) => id.startsWith(COIL)).map(({ id }) => id);
    const step = (COILS[1] - COILS[0]) / Math.max(1, coils.length - 1);
    const at = (position: number) => COILS[0] + position * step;
    const spots: PadSpot[] = [
        { id: 'battery.positive', x: 32, y: 66 },
        { id: 'battery.negative', x: 32, y: 112 },
        ...FEEDS.flatMap(([feed, y]) =>
            (['fuse.in', 'fuse.out', 'relay.out', 'supply'] as const).map((place, position) => ({
                id: `${feed}.${place}`,
                x: FEED_X[position]!,
                y,
            })),
        ),
        ...coils.map((id, position) => ({ id, x: at(position), y: COIL_PAD })),
        { id: 'unit.ground', x: GROUND_X, y: PUMP },
        { id: 'body', x: GROUND_X, y: BODY },
    ];
    const pads = spots.filter(({ id }) => car.pads.some((pad) => pad.id === id));
    const inside = car.unitIntegrated;
    const left = inside ? FEED_X[1] + 14 : 230;
    return (
        <Board
            car={car}
            label={t('bay.unit-label')}
            pads={pads}
            blocked={() => false}
            leads={leads}
            onLead={onLead}
        >
            <g aria-hidden className="fill-none stroke-ink" strokeWidth={1.5}>
                <rect x={16} y={78} width={32} height={22} rx={2} className="fill-paper" />
                <path d="M 26 84 h 6 M 29 81 v 6 M 35 94 h 6 M 32 66 V 78 M 32 100 V 112" />
                <path d={`M 32 66 V ${VALVES} H ${FEED_X[0]} M 56 ${VALVES} V ${PUMP} H ${FEED_X[0]}`} />
                <path d={`M 32 112 V ${BODY} H ${GROUND_X}`} />
                {FEEDS.map(([feed, y]) => (
                    <Feed key={feed} y={y} closed={feed === 'unit.valves' && state.ignition !== 'off'} />
                ))}
                <rect
                    x={left}
                    y={22}
                    width={STRIP.width - left - 2}
                    height={120}
                    rx={2}
                    strokeDasharray="5 3"
                />
                {!inside && <path d={`M ${FEED_X[3]} ${VALVES} H ${at(coils.length - 1)}`} />}
                {coils.map((id, position) => (
                    <path
                        key={id}
                        d={`M ${at(position)} ${VALVES} V ${VALVES + 12} m -5 0 h 10 v 20 h -10 Z m 5 20 V ${COIL_PAD}`}
                    />
                ))}
                <path d={`M ${FEED_X[3]} ${PUMP} H 248 M 270 ${PUMP} H ${GROUND_X}`} />
                <circle cx={259} cy={PUMP} r={11} className="fill-paper" />
                <path
                    d={`M ${GROUND_X} ${PUMP} V ${BODY} M ${GROUND_X - 12} ${BODY + 10} h 24 M ${GROUND_X - 7} ${BODY + 15} h 14`}
                />
            </g>
            {station !== undefined && onStation !== undefined && (
                <StationFields fields={FIELDS} chosen={station} onChoose={onStation} />
            )}
            <g aria-hidden className="fill-ink-soft">
                <text x={104} y={VALVES - 12} textAnchor="middle" fontSize={10}>
                    {t('bay.valve-feed')}
                </text>
                <text x={104} y={PUMP - 12} textAnchor="middle" fontSize={10}>
                    {t('bay.pump-feed')}
                </text>
                <text x={259} y={PUMP + 4} textAnchor="middle" fontSize={10}>
                    {t('bay.motor-sign')}
                </text>
                <text x={GROUND_X + 14} y={BODY + 4} fontSize={10}>
                    {t('pad.body')}
                </text>
                {inside && (
                    <text x={246} y={VALVES + 4} fontSize={11}>
                        {t('bay.inside')}
                    </text>
                )}
                {coils.map((id, position) => (
                    <CoilName key={id} valve={id.slice(COIL.length)} x={at(position)} />
                ))}
            </g>
        </Board>
    );
}

/** Fuse, relay and the wire to the unit. */
function Feed({ y, closed }: { y: number; closed: boolean }) {
    const [fuseIn, fuseOut, relayOut, supply] = FEED_X;
    const middle = (fuseIn + fuseOut) / 2;
    return (
        <>
            <rect x={fuseIn + 6} y={y - 6} width={28} height={12} rx={2} className="fill-paper" />
            <path
                d={`M ${fuseIn} ${y} H ${middle - 10} c 4 -6 7 -6 10 0 s 6 6 10 0 H ${fuseOut} H ${fuseOut + 16} ${closed ? `H ${relayOut}` : `l 20 -11 M ${relayOut - 16} ${y} H ${relayOut}`} H ${supply}`}
            />
            <rect x={fuseOut + 18} y={y + 8} width={18} height={9} className="fill-paper" />
        </>
    );
}

/** Where a valve belongs, and which it is. */
function CoilName({ valve, x }: { valve: string; x: number }) {
    const [at = '', kind = ''] = valve.split('.');
    return (
        <>
            <text x={x} y={VALVES - 8} textAnchor="middle" fontSize={9.5} className="font-semibold">
                {at === 'first' || at === 'second' ? t(`circuit-short.${at}`) : at}
            </text>
            <text x={x} y={COIL_PAD + 16} textAnchor="middle" fontSize={9}>
                {t(`valve-short.${kind}`)}
            </text>
        </>
    );
}
