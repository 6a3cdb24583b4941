import { lazy, type ComponentType } from 'react';
import { loadWords } from '../words/words';

/** A page is loaded when it is first opened: nobody waits at the door for what lies behind it. */
export function page<K extends string>(load: () => Promise<Record<K, ComponentType>>, name: K) {
    return lazy(async () => {
        const [loaded] = await Promise.all([load(), loadWords()]);
        return { default: loaded[name] };
    });
}
