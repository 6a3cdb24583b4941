import { useEffect, useRef } from 'react';
import { lettersRun } from '../ui/letters';
import { type Looking, nextGlass } from './useLooking';

const TURN_BY = 0.16;
const LIGHT_BY = 0.4;

/** T turns a little further, L moves the lamp, M takes the next glass; with the shift key they go back. E begins the line for the card. */
export function useLookKeys(looking: Looking): void {
    const current = useRef(looking);
    useEffect(() => {
        current.current = looking;
    });
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const typing =
                (event.target as HTMLElement).closest('input:not([type="range"]), textarea, select') !== null;
            if (typing || !lettersRun() || event.ctrlKey || event.metaKey || event.altKey) return;
            const action = actions(current.current, event.shiftKey ? -1 : 1)[event.key.toLowerCase()];
            if (action === undefined) return;
            event.preventDefault();
            action();
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
}

function actions(
    { view, glass, setTurn, setLight, setTimes }: Looking,
    sign: 1 | -1,
): Record<string, () => void> {
    return {
        t: () => setTurn(on(view.turn, sign * TURN_BY)),
        l: () => setLight(on(view.light, sign * LIGHT_BY)),
        m: () => setTimes(nextGlass(glass.times)),
        e: () => document.querySelector<HTMLElement>('[role=dialog] form :is(input, select)')?.focus(),
    };
}

/** Past its end it begins anew. */
function on(value: number, by: number): number {
    const next = Math.round((value + by) * 100) / 100;
    return Math.abs(next) > 1 ? -Math.sign(by) : next;
}
