import type { Car } from '../api/types';

interface Shape {
    hull: string;
    /** Panes, bonnet, boards: what is drawn finer. */
    fine: string;
}

/** From above, nose or drawbar to the right, in a field of 260 by 178. */
const SHAPES: Record<Car['body'], Shape> = {
    saloon: {
        hull: 'M 40 42 Q 28 44 27 60 Q 22 89 27 118 Q 28 134 40 136 L 118 144 L 196 141 Q 228 138 236 116 Q 242 89 236 62 Q 228 40 196 37 L 118 34 Z',
        fine: 'M 84 50 Q 72 89 84 128 M 166 48 L 184 60 Q 190 89 184 118 L 166 130 M 84 50 L 166 48 M 84 128 L 166 130 M 56 46 Q 50 89 56 132',
    },
    hatchback: {
        hull: 'M 44 38 Q 30 42 28 60 Q 26 89 28 118 Q 30 136 44 140 L 196 141 Q 228 138 236 116 Q 242 89 236 62 Q 228 40 196 37 Z',
        fine: 'M 46 52 Q 38 89 46 126 M 166 48 L 184 60 Q 190 89 184 118 L 166 130 M 46 52 L 166 48 M 46 126 L 166 130 M 108 50 V 128',
    },
    estate: {
        hull: 'M 32 38 Q 24 40 23 56 V 122 Q 24 138 32 140 L 196 142 Q 228 138 236 116 Q 242 89 236 62 Q 228 40 196 36 Z',
        fine: 'M 34 48 Q 30 89 34 130 M 166 47 L 184 60 Q 190 89 184 118 L 166 131 M 34 48 L 166 47 M 34 130 L 166 131 M 74 46 V 132 M 118 46 V 132 M 40 56 H 160 M 40 122 H 160',
    },
    van: {
        hull: 'M 24 32 H 172 Q 214 34 232 50 Q 242 66 242 89 Q 242 112 232 128 Q 214 144 172 146 H 24 Q 18 146 18 138 V 40 Q 18 32 24 32 Z',
        fine: 'M 18 89 H 34 M 24 40 V 138 M 176 34 V 144 M 198 42 Q 212 89 198 136 M 198 42 L 226 54 M 198 136 L 226 124',
    },
    trailer: {
        hull: 'M 26 36 H 234 V 142 H 26 Z',
        fine: 'M 46 36 V 142 M 78 36 V 142 M 110 36 V 142 M 142 36 V 142 M 174 36 V 142 M 234 66 L 250 86 H 256 V 92 H 250 L 234 112',
    },
};

/** The vehicle as what it is; an arrow where it drives to, but for a trailer, whose drawbar says it. */
export function Outline({ body }: { body: Car['body'] }) {
    const { hull, fine } = SHAPES[body];
    return (
        <g className="on-paper">
            <path d={hull} className="fill-paper stroke-ink" strokeWidth={1.5} />
            <path d={fine} className="fill-none stroke-ink-soft" strokeWidth={1} />
        </g>
    );
}
