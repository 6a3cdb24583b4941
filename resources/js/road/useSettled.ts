import { useEffect, useState } from 'react';

/** The value once it has stayed as it is for so long: what is pulled along is not asked for all the way. */
export function useSettled<T>(value: T, milliseconds: number): T {
    const [settled, setSettled] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setSettled(value), milliseconds);
        return () => clearTimeout(timer);
    }, [value, milliseconds]);
    return settled;
}
