import { tenths } from '../../ui/tenths';
import { t } from '../../words/words';
import { Specks } from '../Specks';
import { FIELD, type DrawingProps, amount, word } from '../shows';

/** All movement is drawn so many times as large as it is: the rim is this far from its middle, in the field and on a wheel. */
const LARGER = 30;
const RIM = 120;
const RIM_MILLIMETRES = 240;

const MIDDLE = { x: 150, y: 150 };
const PER_MILLIMETRE = (RIM / RIM_MILLIMETRES) * LARGER;

/** Less movement than so many pixels is none to draw. */
const STILL = 3;

const TYRE = 'M106 30h58q14 0 14 14v212q0 14 -14 14h-58q-14 0 -14 -14v-212q0 -14 14 -14Z';

/** A raised wheel on its edge with hub, ring and sensor: where the one hand pushed it, and dashed where the other did. */
export function RockedWheel({ shows, seed }: DrawingProps) {
    const lean = (Math.atan((amount(shows, 'rimMillimetres') * PER_MILLIMETRE) / 2 / RIM) * 180) / Math.PI;
    const ring = amount(shows, 'ringMillimetres') * PER_MILLIMETRE;
    const sensor = amount(shows, 'sensorMillimetres') * PER_MILLIMETRE;
    const turned = (by: number) => `rotate(${tenths(by * 10) / 10} ${MIDDLE.x} ${MIDDLE.y})`;
    return (
        <g>
            <rect {...FIELD} className="fill-part-plate" />
            <path
                d="M176 128h206v44h-206Z"
                className="fill-part-metal-dark stroke-part-edge"
                strokeWidth={3}
            />
            <g transform={turned(lean)}>
                <path d={TYRE} className="fill-part-rubber stroke-part-edge" strokeWidth={3} />
                <Specks
                    seed={`${seed} dirt`}
                    many={90}
                    share={amount(shows, 'dirt')}
                    box={{ x: 96, y: 40, width: 78, height: 220 }}
                    size={3}
                    className="fill-part-dirt"
                />
                <path d="M178 96h22v108h-22Z" className="fill-part-metal stroke-part-edge" strokeWidth={3} />
            </g>
            <path
                d={TYRE}
                transform={turned(-lean)}
                className="fill-none stroke-part-shine"
                strokeWidth={3}
                strokeDasharray="9 7"
            />
            <Ring at={0} className="fill-part-metal stroke-part-edge" />
            {ring > STILL && <Ring at={ring} className="fill-none stroke-part-shine" dashed />}
            <Sensor at={0} className="fill-part-body stroke-part-edge" />
            {sensor > STILL && <Sensor at={sensor} className="fill-none stroke-part-shine" dashed />}
            <text x={388} y={264} textAnchor="end" className="fill-part-ink text-[15px] stroke-none">
                {t(`rocked.seen-from-${word(shows, 'seenFrom')}`)}
            </text>
            <text x={388} y={284} textAnchor="end" className="fill-part-ink text-[15px] stroke-none">
                {t('rocked.larger', { times: LARGER })}
            </text>
        </g>
    );
}

interface PartProps {
    /** Pixels from where it sits. */
    at: number;
    className: string;
    dashed?: boolean;
}

/** The ring on its edge: its teeth are notches along it. */
function Ring({ at, className, dashed = false }: PartProps) {
    const notches = Array.from({ length: 9 }, () => `v7h6v7h-6`).join('');
    return (
        <path
            d={`M214 ${86 + at}h18${notches}h-18Z`}
            className={className}
            strokeWidth={3}
            {...(dashed && { strokeDasharray: '6 5' })}
        />
    );
}

/** The sensor that looks at the ring from the other side, with its cable. */
function Sensor({ at, className, dashed = false }: PartProps) {
    return (
        <path
            d={`M250 ${92 - at}h52v-14h18v46h-18v-14h-52Z`}
            className={className}
            strokeWidth={3}
            {...(dashed && { strokeDasharray: '6 5' })}
        />
    );
}
