import type { Channel, DataSheet } from '../../api/types';
import { THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';

const WIDTH = 300;
const TOP = 34;
const STEP = 62;
const LEFT = 96;

interface Props {
    channel: Channel;
    wiring: DataSheet['channels'][number];
}

/** The wiring of one corner from sensor to module, plug by plug, drawn from the links the circuit is built from. */
export function WiringDiagram({ channel, wiring }: Props) {
    const wires = wiring.conductors;
    const x = (wire: number) => LEFT + wire * 70;
    const ys = channel.links.map((_, row) => TOP + row * STEP);
    const bottom = TOP + channel.links.length * STEP - 14;
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${bottom + 34}`}
            role="img"
            aria-label={`${t('sheet.diagram', { channel: t(`channel.${channel.id}`) })}: ${wires
                .map((wire) => `${wire.sensorPin} ${t(`wire-function.${wire.function}`)}`)
                .join(', ')}`}
            className="w-full shrink-0 fill-none stroke-slate-text"
            strokeWidth={1.4}
        >
            <Box y={4} name={t('bay.sensor')} to={x(wires.length - 1)} />
            {channel.links.map((link, row) =>
                link.kind === 'plug' ? (
                    <g key={link.name}>
                        <rect
                            x={LEFT - 16}
                            y={ys[row]! + 8}
                            width={x(wires.length - 1) - LEFT + 32}
                            height={9}
                            rx={1}
                        />
                        <rect
                            x={LEFT - 16}
                            y={ys[row]! + 19}
                            width={x(wires.length - 1) - LEFT + 32}
                            height={9}
                            rx={1}
                        />
                        <text x={8} y={ys[row]! + 22} fontSize={11} className="fill-slate-soft stroke-none">
                            {t(`station.${link.name}`)}
                        </text>
                    </g>
                ) : (
                    <text
                        key={link.name}
                        x={8}
                        y={ys[row]! + 22}
                        fontSize={11}
                        className="fill-slate-soft stroke-none"
                    >
                        {t(`station.${link.name}`)} {wiring.cableMetres[link.name]}
                        {THIN_SPACE}m
                    </text>
                ),
            )}
            {wires.map((wire, column) => (
                <g key={wire.id}>
                    <path d={`M ${x(column)} 26 V ${bottom}`} />
                    <g fontSize={11} className="tabular fill-reading stroke-none">
                        <text x={x(column) + 6} y={ys[0]! + 5}>
                            {wire.sensorPin}{' '}
                            <tspan className="font-sans">{t(`wire-function.${wire.function}`)}</tspan>
                        </text>
                        <text x={x(column) + 6} y={TOP + STEP + 22} className="font-sans">
                            {t(`colour.${wire.colour}`)}
                        </text>
                        <text x={x(column) + 6} y={bottom - 6}>
                            {wire.modulePin}{' '}
                            <tspan className="font-sans">{t(`wire-function.${wire.function}`)}</tspan>
                        </text>
                    </g>
                </g>
            ))}
            <Box y={bottom} name={t('station.module')} to={x(wires.length - 1)} />
        </svg>
    );
}

function Box({ y, name, to }: { y: number; name: string; to: number }) {
    return (
        <>
            <rect
                x={LEFT - 16}
                y={y}
                width={to - LEFT + 32}
                height={22}
                rx={2}
                className="fill-slate-raised"
            />
            <text x={8} y={y + 15} fontSize={11} className="fill-slate-soft stroke-none">
                {name}
            </text>
        </>
    );
}
