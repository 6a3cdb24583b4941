import { type Shows, amount } from './shows';

/** Where along a turn the gap was tried, by number. */
export const PLACES = [1, 2, 3, 4] as const;

/** At one place the blade that goes in with room, the one that touches both sides, and the one that does not go in, in millimetres. */
export function blades(shows: Shows, place: number): number[] {
    const [fits, step] = [amount(shows, `place.${place}`), amount(shows, 'step')];
    return [fits - step, fits, fits + step].map((one) => Math.round(one * 100) / 100);
}
