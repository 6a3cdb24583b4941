import type { ShownPicture } from '../api/types';

export type Shows = ShownPicture['shows'];

/** How somebody looks: as a person with a lamp in one hand does, without any of it being work. */
export interface View {
    /** From left to right, -1 to 1: past a part, or a ring turned once round by hand. */
    turn: number;
    /** Where the lamp is held, from left to right, -1 to 1. */
    light: number;
    /** The wheel runs past while one looks. */
    runs?: boolean;
}

export interface DrawingProps {
    shows: Shows;
    view: View;
    /** Of the part, so that its harmless marks lie where they lie. */
    seed: string;
}

/** The field every picture is drawn in. */
export const FIELD = { width: 400, height: 300 };

export function amount(shows: Shows, name: string): number {
    const value = shows[name];
    return typeof value === 'number' ? value : 0;
}

export function word(shows: Shows, name: string): string {
    const value = shows[name];
    return typeof value === 'string' ? value : '';
}

/** How many conductors a picture shows. */
export function conductors(shows: Shows): number[] {
    return [1, 2, 3, 4].filter((one) => `colour.${one}` in shows);
}

/** The same row of numbers from 0 to 1 for the same seed. */
export function row(seed: string): () => number {
    let state = 2166136261;
    for (const letter of seed) state = Math.imul(state ^ letter.charCodeAt(0), 16777619);
    return () => {
        state = Math.imul(state ^ (state >>> 15), 2246822507);
        state = Math.imul(state ^ (state >>> 13), 3266489909);
        state ^= state >>> 16;
        return (state >>> 0) / 4294967296;
    };
}
