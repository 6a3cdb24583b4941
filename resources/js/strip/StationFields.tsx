import type { Station } from '../words/card';
import { STRIP, type StripLayout } from './layout';

export interface StationField {
    station: Station;
    from: number;
    to: number;
}

interface Props {
    fields: StationField[];
    /** A station that is not on the path is not marked on it. */
    chosen: string;
    onChoose: (station: Station) => void;
}

const TOP = 22;
const BOTTOM = 140;

/** Where one points at a station on the drawing itself; keys choose it in the row below, so that this is for a pointer alone. */
export function StationFields({ fields, chosen, onChoose }: Props) {
    return (
        <g aria-hidden>
            {fields.map(({ station, from, to }) => (
                <g key={`${station} ${from}`} data-station={station}>
                    <rect
                        x={from}
                        y={TOP}
                        width={to - from}
                        height={BOTTOM - TOP}
                        onClick={() => onChoose(station)}
                        className="cursor-pointer fill-transparent hover:stroke-petrol"
                        strokeDasharray="2 4"
                    />
                    {station === chosen && (
                        <path
                            d={`M ${from + 4} ${BOTTOM} H ${to - 4}`}
                            className="stroke-petrol"
                            strokeWidth={3}
                        />
                    )}
                </g>
            ))}
        </g>
    );
}

/** From left to right: what lies between two stations belongs to the one it leads to. */
export function stationFields({ plugs, cables }: StripLayout): StationField[] {
    const half = (STRIP.links[1] - STRIP.links[0]) / 12;
    const [sensorLeft, sensorRight] = STRIP.sensor;
    return [
        { station: 'ring', from: 0, to: 56 },
        { station: 'gap', from: 56, to: sensorLeft },
        { station: 'sensor', from: sensorLeft, to: sensorRight },
        ...plugs.map(({ name, middle }): StationField => ({
            station: name === 'body-plug' ? 'extension' : (name as Station),
            from: middle - half,
            to: middle + half,
        })),
        ...cables.map(({ name, from, to }): StationField => ({ station: name as Station, from, to })),
        { station: 'module', from: STRIP.links[1] + 8, to: STRIP.width },
    ];
}
