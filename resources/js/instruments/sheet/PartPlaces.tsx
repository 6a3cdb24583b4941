import type { Car, DataSheet } from '../../api/types';
import { t } from '../../words/words';

/** The car from above, nose to the right, with the places of its parts. */
export function PartPlaces({ car, places }: { car: Car; places: DataSheet['places'] }) {
    const x = (along: number) => 16 + along * 264;
    const y = (across: number) => 14 + across * 88;
    return (
        <figure>
            <svg
                viewBox="0 0 300 116"
                role="img"
                aria-label={t('sheet.places')}
                className="w-full shrink-0 fill-none stroke-slate-text"
                strokeWidth={1.3}
            >
                <path
                    d="M 34 12 Q 18 14 16 32 Q 12 58 16 84 Q 18 102 34 104 L 120 110 L 228 106 Q 268 102 280 82 Q 286 58 280 34 Q 268 14 228 10 L 120 6 Z"
                    className="stroke-slate-soft"
                />
                <path d="M 288 51 l 7 7 l -7 7" className="stroke-slate-soft" />
                {car.channels.map(({ id, axle, side }) => (
                    <g key={id}>
                        <circle
                            cx={axle === 'front' ? 226 : 62}
                            cy={side === 'left' ? 18 : 98}
                            r={4}
                            className="fill-reading"
                        />
                        <text
                            x={axle === 'front' ? 234 : 70}
                            y={side === 'left' ? 22 : 102}
                            fontSize={10}
                            className="tabular fill-slate-soft stroke-none"
                        >
                            {id}
                        </text>
                    </g>
                ))}
                {places.map(({ part, along, across }, number) => (
                    <g key={part}>
                        <rect
                            x={x(along) - 7}
                            y={y(across) - 7}
                            width={14}
                            height={14}
                            rx={2}
                            className="fill-slate-raised"
                        />
                        <text
                            x={x(along)}
                            y={y(across) + 4}
                            fontSize={10}
                            textAnchor="middle"
                            className="tabular fill-reading stroke-none"
                        >
                            {number + 1}
                        </text>
                    </g>
                ))}
            </svg>
            <figcaption className="flex flex-wrap gap-x-3 text-small text-slate-soft">
                {places.map(({ part }, number) => (
                    <span key={part}>
                        <span className="tabular text-reading">{number + 1}</span> {t(`part.${part}`)}
                    </span>
                ))}
                <span>
                    <span className="text-reading">●</span> {t('part.sensor')}
                </span>
            </figcaption>
        </figure>
    );
}
