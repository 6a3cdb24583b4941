/** A coordinate in a drawing, to a tenth of its unit. */
export function tenths(value: number): number {
    return Math.round(value * 10) / 10;
}
