import type { ShownPicture } from '../api/types';
import { AT_FIRST } from './LookPicture';
import { type View, amount } from './shows';

/** As one has to look so that what there is comes into view: the wheel turned to it, past the pins. */
export function bestView({ drawing, shows }: ShownPicture): View {
    if (drawing === 'plug-face') return { turn: 0.7, light: -0.4 };
    if (drawing !== 'ring' && drawing !== 'encoder' && drawing !== 'film') return AT_FIRST;
    const at = amount(shows, 'at');
    return { turn: at > 0.5 ? 2 * at - 2 : 2 * at, light: -0.4 };
}
