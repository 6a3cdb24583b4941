import type { ShownPicture } from '../api/types';
import { word } from './shows';

/** How somebody looks. */
export type Manner = 'closely' | 'in-passing' | 'from-behind';

/** How a picture was looked at; closely where nothing is said. */
export function mannerOf({ shows }: ShownPicture): Manner {
    const manner = word(shows, 'manner');
    return manner === 'in-passing' || manner === 'from-behind' ? manner : 'closely';
}
