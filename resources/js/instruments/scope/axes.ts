import type { ShownTrace } from '../../api/types';
import { inUnits } from '../../words/prefixed';

/** Divisions of the screen. */
export const ACROSS = 10;
export const UP = 8;

/** The step that lies at the upper edge of the screen. */
export const GREATEST_STEP = 100;

/** Every second line has a number; those on the edges have none. */
const EVERY = 2;

export interface AxisNumber {
    /** In shares of width and height, from the upper left. */
    x: number;
    y: number;
    text: string;
    /** Of which input; the time belongs to both. */
    input: 0 | 1 | null;
}

/** @param middle volts at the middle of the screen, where a trace is drawn round its own middle */
export function axisNumbers(traces: ShownTrace[], middle: number): AxisNumber[] {
    const [first] = traces;
    if (first === undefined) return [];
    const seconds = first.secondsPerSample * first.steps.length;
    const across = inner(ACROSS).map((line): AxisNumber => ({
        x: line / ACROSS,
        y: 1,
        text: inUnits((line / ACROSS) * seconds, 's'),
        input: null,
    }));
    const up = traces.slice(0, 2).flatMap(({ voltsPerStep }, input) =>
        inner(UP).map((line): AxisNumber => ({
            x: input,
            y: line / UP,
            text: inUnits(middle + (1 - (2 * line) / UP) * GREATEST_STEP * voltsPerStep, 'V'),
            input: input === 0 ? 0 : 1,
        })),
    );
    return [...across, ...up];
}

function inner(divisions: number): number[] {
    return Array.from({ length: divisions / EVERY - 1 }, (_, index) => (index + 1) * EVERY);
}
