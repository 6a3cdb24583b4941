import type { Likely } from '../api/types';
import { t } from '../words/words';
import { fixed } from '../words/reader';

/** Faults with their places; what sits at no corner needs no name of one. */
export function faultNames({ faults }: Likely): string {
    return faults
        .map(({ kind, channel }) =>
            channel === 'car' ? t(`fault.${kind}`) : `${t(`fault.${kind}`)}, ${t(`place.${channel}`)}`,
        )
        .join(' + ');
}

export function percent(chance: number): string {
    return `${fixed(100 * chance, 0)}\u202f%`;
}
