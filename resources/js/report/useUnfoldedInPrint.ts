import { useEffect } from 'react';

/** What is folded on the screen is printed all the same, and folds again afterwards. */
export function useUnfoldedInPrint() {
    useEffect(() => {
        let opened: HTMLDetailsElement[] = [];
        const open = () => {
            opened = [...document.querySelectorAll<HTMLDetailsElement>('details:not([open])')];
            opened.forEach((one) => (one.open = true));
        };
        const fold = () => opened.forEach((one) => (one.open = false));
        window.addEventListener('beforeprint', open);
        window.addEventListener('afterprint', fold);
        return () => {
            window.removeEventListener('beforeprint', open);
            window.removeEventListener('afterprint', fold);
        };
    }, []);
}
