/** Cells of the tables of the house. */
export const CELL = 'border-b border-floor-deep px-3 py-2 font-normal';

export const HEAD = 'px-3 py-2 font-semibold';
