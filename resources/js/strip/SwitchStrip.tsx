import type { Car } from '../api/types';
import { t } from '../words/words';
import type { Station } from '../words/card';
import { Board, type Lead, type Leads } from './Board';
import { STRIP, type PadSpot } from './layout';
import { switchPad, SWITCH } from './padName';
import { StationFields, type StationField } from './StationFields';

interface Props {
    car: Car;
    leads?: Leads;
    onLead?: (lead: Lead, pad: string) => void;
    station?: Station;
    onStation?: (station: Station) => void;
}

const TOP = 34;
const IN = 56;
const OUT = 108;
const BODY = 156;
const BATTERY_X = 32;
const BODY_X = 534;
const FIRST = 130;
const STEP = 112;

/** Open until somebody works it. */
const RESTS_OPEN = ['stop-lamp-switch', 'parking-brake-switch'];

const FIELDS: StationField[] = [
    { station: 'supply', from: 0, to: 62 },
    { station: 'hydraulics', from: 508, to: STRIP.width },
];

/** The switches of the brakes as they rest: one that feeds the stop lamps, and those that connect a wire of the module to body. */
export function SwitchStrip({ car, leads, onLead, station, onStation }: Props) {
    const switches = [
        ...new Set(
            car.pads
                .filter(({ id }) => id.startsWith(SWITCH))
                .map(({ id }) => id.slice(SWITCH.length).split('.')[0]!),
        ),
    ];
    const at = (position: number) => FIRST + position * STEP;
    const spots: PadSpot[] = [
        { id: 'battery.positive', x: BATTERY_X, y: TOP },
        { id: 'battery.negative', x: BATTERY_X, y: OUT },
        ...switches.flatMap((one, position) => [
            { id: switchPad(one, 'in'), x: at(position), y: IN },
            { id: switchPad(one, 'out'), x: at(position), y: isFed(car, one) ? OUT : IN },
        ]),
        { id: 'body', x: BODY_X, y: BODY },
    ];
    const pads = spots.filter(({ id }) => car.pads.some((pad) => pad.id === id));
    return (
        <Board
            car={car}
            label={t('bay.switches-label')}
            pads={pads}
            blocked={() => false}
            leads={leads}
            onLead={onLead}
        >
            <g aria-hidden className="fill-none stroke-ink" strokeWidth={1.5}>
                <rect x={BATTERY_X - 16} y={58} width={32} height={22} rx={2} className="fill-paper" />
                <path
                    d={`M ${BATTERY_X} ${TOP} V 58 M ${BATTERY_X} 80 V ${BODY} H ${BODY_X} M ${BATTERY_X - 6} 64 h 6 M ${BATTERY_X - 3} 61 v 6 M ${BATTERY_X + 3} 74 h 6`}
                />
                {switches.map((one, position) => (
                    <Switch key={one} name={one} x={at(position)} fed={isFed(car, one)} />
                ))}
                <path
                    d={`M ${BODY_X} ${BODY} v 12 M ${BODY_X - 12} ${BODY + 12} h 24 M ${BODY_X - 7} ${BODY + 17} h 14`}
                />
            </g>
            {station !== undefined && onStation !== undefined && (
                <StationFields fields={FIELDS} chosen={station} onChoose={onStation} />
            )}
            <g aria-hidden className="fill-ink-soft">
                {switches.map((one, position) => (
                    <g key={one}>
                        <text x={at(position)} y={14} textAnchor="middle" fontSize={10.5}>
                            {t(`switch.${one}`)}
                        </text>
                        <text
                            x={at(position) + 16}
                            y={(isFed(car, one) ? (IN + OUT) / 2 : 106) + 4}
                            fontSize={9}
                        >
                            {t(RESTS_OPEN.includes(one) ? 'bay.rests-open' : 'bay.rests-closed')}
                        </text>
                        {!isFed(car, one) && (
                            <text x={at(position)} y={TOP + 3} textAnchor="middle" fontSize={9}>
                                {t('bay.to-module')}
                            </text>
                        )}
                    </g>
                ))}
                <text x={BODY_X + 12} y={BODY + 4} fontSize={10}>
                    {t('pad.body')}
                </text>
            </g>
        </Board>
    );
}

function isFed(car: Car, name: string): boolean {
    return car.pads.some(({ id }) => id === switchPad(name, 'in'));
}

/** A contact as it rests, what feeds it, and where it leads. */
function Switch({ name, x, fed }: { name: string; x: number; fed: boolean }) {
    const open = RESTS_OPEN.includes(name);
    const [from, to] = fed ? [IN, OUT] : [IN, BODY];
    const middle = (from + to) / 2;
    return (
        <>
            {fed ? (
                <path d={`M ${BATTERY_X} ${TOP - 8} H ${x} V ${IN}`} />
            ) : (
                <path d={`M ${x} ${TOP + 7} V ${IN}`} />
            )}
            <path
                d={`M ${x} ${from} V ${middle - 10} ${open ? `m 0 20 l -9 -18 M ${x} ${middle + 10}` : ''} V ${to}`}
            />
            <circle cx={x} cy={middle - 10} r={2} className="fill-paper" />
            <circle cx={x} cy={middle + 10} r={2} className="fill-paper" />
            {fed && (
                <>
                    <path d={`M ${x} ${OUT} V 121 M ${x} 143 V ${BODY}`} />
                    <circle cx={x} cy={132} r={11} className="fill-paper" />
                    <path d={`M ${x - 8} 124 l 16 16 M ${x + 8} 124 l -16 16`} />
                </>
            )}
        </>
    );
}
