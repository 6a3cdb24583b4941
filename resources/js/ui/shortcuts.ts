import { useEffect, useRef } from 'react';
import { lettersRun } from './letters';

/** Single letters that run an action while no field has the focus and no sheet lies over the bay. */
export function useShortcuts(actions: Record<string, () => unknown>): void {
    const current = useRef(actions);
    useEffect(() => {
        current.current = actions;
    });
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const target = event.target as HTMLElement;
            const typing = target.closest('input, textarea, select, [role="dialog"]') !== null;
            if (!lettersRun() && /^[a-z]$/i.test(event.key)) return;
            if (typing || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
            const action = current.current[event.key.toLowerCase()];
            if (action !== undefined) {
                event.preventDefault();
                action();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
}
