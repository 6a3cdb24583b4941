import { useId } from 'react';
import { tenths } from '../../ui/tenths';
import { Specks } from '../Specks';
import { type DrawingProps, amount, word } from '../shows';

/** A drawn turn has so many stripes, whatever the ring has: nobody learns their number from the drawing. */
const STRIPES = 44;

/** As wide as one stripe with its bound is drawn. */
const WIDTH = 26;

/** A green film over the band: bright stripes where a pole faces it, dark bounds between them; over iron teeth it stays even. */
export function Film({ shows, view, seed }: DrawingProps) {
    const clip = useId();
    const from = Math.round(amount(shows, 'at') * STRIPES);
    const first = (view.turn / 2) * STRIPES;
    const drawn = Array.from({ length: 18 }, (_, index) => Math.floor(first) + index - 9);
    return (
        <g>
            <rect width={400} height={300} className="fill-part-plate" />
            <path
                d="M0 96Q200 66 400 96V224Q200 196 0 224Z"
                className="fill-part-rubber stroke-part-edge"
                strokeWidth={4}
            />
            <clipPath id={clip}>
                <rect x={34} y={62} width={332} height={176} rx={10} />
            </clipPath>
            <g clipPath={`url(#${clip})`}>
                <rect x={34} y={62} width={332} height={176} className="fill-part-film" />
                {word(shows, 'poles') === 'stripes' &&
                    drawn
                        .filter((stripe) => (stripe - from + 4 * STRIPES) % STRIPES >= amount(shows, 'gone'))
                        .map((stripe) => (
                            <Stripe
                                key={stripe}
                                x={tenths(200 + (stripe - first) * WIDTH)}
                                faint={amount(shows, 'faint')}
                            />
                        ))}
                {word(shows, 'poles') === 'stripes' && (
                    <path
                        d={`M${tenths(200 + nearest(-first) * WIDTH)} 216l14 12m0 -12l-14 12`}
                        className="fill-none stroke-part-chalk"
                        strokeWidth={5}
                    />
                )}
                <Specks
                    seed={`${seed} film`}
                    many={50}
                    share={amount(shows, 'specks')}
                    box={{ x: 40, y: 66, width: 320, height: 168 }}
                    size={2.6}
                    className="fill-part-dirt"
                />
            </g>
            <rect
                x={34}
                y={62}
                width={332}
                height={176}
                rx={10}
                className="fill-none stroke-part-edge"
                strokeWidth={3}
            />
        </g>
    );
}

/** So many stripes off, the shorter way round. */
function nearest(stripes: number): number {
    return ((((stripes + STRIPES / 2) % STRIPES) + STRIPES) % STRIPES) - STRIPES / 2;
}

function Stripe({ x, faint }: { x: number; faint: number }) {
    return (
        <rect
            x={x}
            y={88}
            width={WIDTH - 7}
            height={118}
            className="fill-part-film-bright"
            opacity={tenths((1 - faint) * 10) / 10}
        />
    );
}
