import type { Observation, ShownSeries } from '../../api/types';
import { isNumber, isSeries } from '../../words/shown';

const KILOMETRES_PER_HOUR = 3.6;

export const VALVES = ['as-pressed', 'held', 'let-go'] as const;
export type Valve = (typeof VALVES)[number];

export interface RecordedWheel {
    id: string;
    speeds: number[];
    valves: Valve[];
}

/** A stop as the terminal has recorded it: speeds in km/h, all lists of the same length. */
export interface RecordedStop {
    secondsPerSample: number;
    wheels: RecordedWheel[];
    reference: number[];
    pump: boolean[];
    stopLamp: boolean[];
    /** When the driver pressed the button; null where nothing was noticed. */
    mark: number | null;
}

/** Null where it was recorded before there was more than speeds. */
export function recordedStop({ values }: Observation, channels: string[]): RecordedStop | null {
    const series = (name: string): ShownSeries | null => {
        const found = values[name];
        return isSeries(found) ? found : null;
    };
    const [reference, pump, stopLamp] = [series('reference'), series('pump'), series('stop-lamp')];
    if (reference === null || pump === null || stopLamp === null) return null;
    const wheels = channels.flatMap((id): RecordedWheel[] => {
        const [speed, valve] = [series(`${id}.speed`), series(`${id}.valve`)];
        return speed === null || valve === null
            ? []
            : [{ id, speeds: kilometresPerHour(speed), valves: valve.steps.map((step) => VALVES[step]!) }];
    });
    return {
        secondsPerSample: reference.secondsPerSample,
        wheels,
        reference: kilometresPerHour(reference),
        pump: pump.steps.map((step) => step === 1),
        stopLamp: stopLamp.steps.map((step) => step === 1),
        mark: isNumber(values.at) ? values.at.si : null,
    };
}

function kilometresPerHour({ steps, resolution }: ShownSeries): number[] {
    return steps.map((step) => step * resolution * KILOMETRES_PER_HOUR);
}

export interface Run<State> {
    from: number;
    to: number;
    state: State;
}

/** What stays the same for a while, sample by sample. */
export function runsOf<State>(states: State[]): Run<State>[] {
    const runs: Run<State>[] = [];
    states.forEach((state, at) => {
        const last = runs.at(-1);
        if (last?.state === state) last.to = at + 1;
        else runs.push({ from: at, to: at + 1, state });
    });
    return runs;
}
