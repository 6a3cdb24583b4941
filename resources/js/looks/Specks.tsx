import { tenths } from '../ui/tenths';
import { row } from './shows';

interface Props {
    seed: string;
    /** How many at most, and what share of them is there. */
    many: number;
    share: number;
    box: { x: number; y: number; width: number; height: number };
    size: number;
    /** They lie in the round that fits the box, not in its corners. */
    round?: boolean;
    className: string;
}

/** Spots that lie where they lie: dirt, rust, a crust. More of them as the share grows, the first ones staying in place. */
export function Specks({ seed, many, share, box, size, round = false, className }: Props) {
    const next = row(seed);
    const spots = Array.from({ length: many }, () => ({
        ...(round
            ? inRound(box, next(), next())
            : { x: box.x + next() * box.width, y: box.y + next() * box.height }),
        radius: size * (0.4 + next()),
        turned: next(),
    }));
    return (
        <path
            d={spots
                .slice(0, Math.round(many * share))
                .map((spot) => ragged(spot.x, spot.y, spot.radius, spot.turned))
                .join(' ')}
            className={className}
        />
    );
}

function inRound(box: Props['box'], turned: number, out: number) {
    const [angle, reach] = [2 * Math.PI * turned, Math.sqrt(out) / 2];
    return {
        x: box.x + box.width * (0.5 + reach * Math.cos(angle)),
        y: box.y + box.height * (0.5 + reach * Math.sin(angle)),
    };
}

/** A spot with five uneven corners. */
function ragged(x: number, y: number, radius: number, turned: number): string {
    const corners = [1, 0.7, 1.1, 0.8, 0.95].map((reach, corner) => {
        const angle = 2 * Math.PI * (corner / 5 + turned);
        return `${tenths(x + radius * reach * Math.cos(angle))} ${tenths(y + radius * reach * Math.sin(angle))}`;
    });
    return `M${corners.join('L')}Z`;
}
