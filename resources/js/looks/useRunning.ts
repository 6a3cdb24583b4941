import { useEffect, useRef } from 'react';

/** So often a picture is drawn anew while it runs: more the eye does not need. */
const PICTURES_A_SECOND = 24;

export const wantsRest = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** Calls back with the share of a turn that a wheel has made since the last call, while it runs. */
export function useRunning(runs: boolean, turnsPerSecond: number, onTurned: (share: number) => void): void {
    const current = useRef(onTurned);
    useEffect(() => {
        current.current = onTurned;
    });
    useEffect(() => {
        if (!runs || turnsPerSecond <= 0) return;
        let last = performance.now();
        let frame = requestAnimationFrame(function next(now) {
            if (now - last >= 1000 / PICTURES_A_SECOND) {
                current.current(((now - last) / 1000) * turnsPerSecond);
                last = now;
            }
            frame = requestAnimationFrame(next);
        });
        return () => cancelAnimationFrame(frame);
    }, [runs, turnsPerSecond]);
}

/** A turn further; a whole one goes from -1 to 1. */
export function further(turn: number, share: number): number {
    return ((((turn + 2 * share + 1) % 2) + 2) % 2) - 1;
}
