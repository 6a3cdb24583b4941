import { memo, useId } from 'react';
import type { ShownPicture } from '../api/types';
import { tenths } from '../ui/tenths';
import { DRAWINGS } from './drawings/drawings';
import { Glass, type HeldGlass } from './Glass';
import { mannerOf } from './manners';
import { FIELD, type View } from './shows';

/** As one looks at first: a ring where it stands, a part from in front, the lamp from the left. */
export const AT_FIRST: View = { turn: 0, light: -0.4 };

/** How much of it is dark in the light there is, without a lamp. */
const LESS_LIGHT = 0.45;

interface Props {
    picture: ShownPicture;
    /** Of the place looked at, so that its harmless marks stay where they are. */
    seed: string;
    /** What it is a picture of; empty where words beside it say so already. */
    label: string;
    view?: View;
    glass?: HeldGlass;
    className?: string;
}

/** What there is to see at one place, in the light one holds to it. No word about its condition. Drawn anew only where it is looked at otherwise. */
export const LookPicture = memo(function LookPicture({
    picture,
    seed,
    label,
    view = AT_FIRST,
    glass,
    className = '',
}: Props) {
    const id = useId();
    const Drawing = DRAWINGS[picture.drawing];
    const drawn = <Drawing shows={picture.shows} view={view} seed={seed} />;
    return (
        <svg
            viewBox={`0 0 ${FIELD.width} ${FIELD.height}`}
            {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
            className={`block w-full bg-part-ground ${className}`}
        >
            <radialGradient id={id} cx={tenths(50 + view.light * 38) / 100} cy={0.34} r={0.85}>
                <stop offset="0.25" stopColor="black" stopOpacity={0} />
                <stop offset="1" stopColor="black" stopOpacity={0.42} />
            </radialGradient>
            {drawn}
            {mannerOf(picture) === 'in-passing' && (
                <rect
                    width={FIELD.width}
                    height={FIELD.height}
                    className="fill-part-ink"
                    opacity={LESS_LIGHT}
                />
            )}
            <rect width={FIELD.width} height={FIELD.height} fill={`url(#${id})`} />
            {glass !== undefined && glass.times > 1 && <Glass held={glass}>{drawn}</Glass>}
        </svg>
    );
});
