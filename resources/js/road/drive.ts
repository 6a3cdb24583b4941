import type { RoadPlay, RoadWheel } from '../api/types';
import { fixed } from '../words/reader';
import { t } from '../words/words';

export type Phase = RoadWheel['phases'][number]['phase'];
export type Surface = RoadPlay['patches'][number]['left'];

export const KILOMETRES_PER_HOUR = 3.6;

/** One drive to be looked at, or two, the second laid over the first. */
export interface Shown {
    name: string;
    play: RoadPlay;
}

export interface Run {
    from: number;
    to: number;
    phase: Phase;
}

export function secondsOf(play: RoadPlay): number {
    return play.speed.length * play.secondsPerSample;
}

/** Place in its lists of a moment; after its end it stays there. */
export function sampleAt(play: RoadPlay, second: number): number {
    return Math.max(0, Math.min(play.speed.length - 1, Math.round(second / play.secondsPerSample)));
}

/** What the module wants of a wheel, one stretch of time after the other. */
export function runsOf(wheel: RoadWheel, seconds: number): Run[] {
    return wheel.phases.map(({ from, phase }, position) => ({
        from,
        to: wheel.phases[position + 1]?.from ?? seconds,
        phase,
    }));
}

export function phaseAt(wheel: RoadWheel, second: number): Phase {
    return wheel.phases.findLast(({ from }) => from <= second)?.phase ?? 'as-pressed';
}

/** A car that pulls away gains speed. */
export function pullsAway(play: RoadPlay): boolean {
    return play.engine.length > 0;
}

/** Whether the wheel leaves a mark on the road: it stands while the car goes on, or spins. */
export function leavesMark(play: RoadPlay, wheel: RoadWheel, sample: number): boolean {
    const [speed, rim] = [play.speed[sample]!, wheel.speed[sample]!];
    return pullsAway(play) ? rim - speed > 2.5 : rim < 0.05 && speed > 0.5;
}

/** Where nobody presses the pedal, a wheel is left alone. */
export function spokenPhase(shown: Shown | undefined, phase: Phase): string {
    const isLeft = phase === 'as-pressed' && shown !== undefined && pullsAway(shown.play);
    return t(isLeft ? 'phase.left-alone' : `phase.${phase}`);
}

/** A share in whole percent; never a zero with a sign. */
export function percent(share: number): string {
    return fixed(Math.round(100 * share) + 0, 0);
}
