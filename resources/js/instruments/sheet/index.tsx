import type { Room } from '../room';
import { SheetPanel } from './SheetPanel';

export const room: Room = {
    name: 'sheet',
    position: 8,
    tools: ['data-sheet'],
    Panel: SheetPanel,
    acts: ['bay.sheet-first'],
    shows: ['look-up-data-sheet'],
    told: {},
};
