import { useState } from 'react';
import type { HeldGlass } from './Glass';
import { AT_FIRST } from './LookPicture';
import { FIELD, type View } from './shows';
import { further, useRunning, wantsRest } from './useRunning';

export const TIMES = [1, 2, 4];

export function nextGlass(times: number): number {
    return TIMES[(TIMES.indexOf(times) + 1) % TIMES.length] ?? 1;
}

const STEP = 12;
const STEPS: Record<string, [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
};

export interface Looking {
    view: View;
    glass: HeldGlass;
    setTurn: (turn: number) => void;
    setLight: (light: number) => void;
    setTimes: (times: number) => void;
    /** Lets a wheel that somebody turns run past, or holds the picture. */
    setRuns: (runs: boolean) => void;
    /** The glass over the point a pointer is at. */
    point: (event: React.PointerEvent<Element>) => void;
    /** The glass by arrows; whether the key was one of them. */
    move: (key: string) => boolean;
}

/**
 * Turn, lamp and glass: tied together for all pictures shown side by side. None of it is work.
 *
 * @param turnsPerSecond of a wheel that somebody turns; 0 where it stands
 * @param startsRunning whether it runs past from the first
 */
export function useLooking(turnsPerSecond = 0, startsRunning = false): Looking {
    const [view, setView] = useState<View>({
        ...AT_FIRST,
        runs: startsRunning && turnsPerSecond > 0 && !wantsRest(),
    });
    useRunning(view.runs === true, turnsPerSecond, (share) =>
        setView((now) => ({ ...now, turn: further(now.turn, share) })),
    );
    const [glass, setGlass] = useState<HeldGlass>({ times: 1, x: FIELD.width / 2, y: FIELD.height / 2 });
    return {
        view,
        glass,
        setTurn: (turn) => setView((now) => ({ ...now, turn, runs: false })),
        setRuns: (runs) => setView((now) => ({ ...now, runs })),
        setLight: (light) => setView((now) => ({ ...now, light })),
        setTimes: (times) => setGlass((now) => ({ ...now, times })),
        point: ({ currentTarget, clientX, clientY }) => {
            const { left, top, width, height } = currentTarget.getBoundingClientRect();
            const [x, y] = [
                ((clientX - left) / width) * FIELD.width,
                ((clientY - top) / height) * FIELD.height,
            ];
            setGlass((now) => ({ ...now, x: Math.round(x), y: Math.round(y) }));
        },
        move: (key) => {
            const step = STEPS[key];
            if (step === undefined) return false;
            const within = (value: number, greatest: number) => Math.min(greatest, Math.max(0, value));
            setGlass((now) => ({
                ...now,
                x: within(now.x + step[0], FIELD.width),
                y: within(now.y + step[1], FIELD.height),
            }));
            return true;
        },
    };
}

/** As somebody looks in passing, who has neither lamp nor glass to hand and turns nothing. */
export function unaided(looking: Looking): Looking {
    const nothing = () => undefined;
    return {
        ...looking,
        view: AT_FIRST,
        glass: { ...looking.glass, times: 1 },
        setTurn: nothing,
        setLight: nothing,
        setTimes: nothing,
    };
}
