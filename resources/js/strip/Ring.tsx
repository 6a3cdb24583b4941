import { STRIP } from './layout';
import { tenths } from '../ui/tenths';

const OUTER = 46;
const TEETH = [-45, -30, -15, 0, 15, 30, 45];

function at(degrees: number, radius: number): string {
    const angle = (degrees * Math.PI) / 180;
    return `${tenths(radius * Math.cos(angle))} ${tenths(radius * Math.sin(angle))}`;
}

/** A segment of the toothed ring, facing the sensor, and the gap in between. */
export function Ring({ turning }: { turning: boolean }) {
    const edge = TEETH.map(
        (angle) =>
            `L ${at(angle - 6, OUTER - 7)} L ${at(angle - 4, OUTER)} L ${at(angle + 4, OUTER)} L ${at(angle + 6, OUTER - 7)}`,
    ).join(' ');
    return (
        <g transform={`translate(8 ${STRIP.middle})`}>
            <path
                d={`M ${at(-54, OUTER - 22)} L ${at(-54, OUTER - 7)} ${edge} L ${at(54, OUTER - 7)} L ${at(54, OUTER - 22)} A ${OUTER - 22} ${OUTER - 22} 0 0 0 ${at(-54, OUTER - 22)} Z`}
                className="fill-floor-deep"
            />
            {turning && (
                <path
                    d={`M ${at(-48, OUTER - 15)} A ${OUTER - 15} ${OUTER - 15} 0 0 1 ${at(48, OUTER - 15)}`}
                    strokeDasharray="8 4"
                    className="turning stroke-petrol"
                    strokeWidth={3}
                />
            )}
            <path d="M 54 -6 V 6 M 60 -6 V 6 M 50 0 H 54 M 60 0 H 64" strokeWidth={1.2} />
        </g>
    );
}
