import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { SilentFault } from '../api/types';

/** What a car does not show by lamp, code or instrument; not known as long as a worker is finding it out. */
export interface SilentFaults {
    known: boolean;
    faults: SilentFault[];
}

const UNKNOWN: SilentFaults = { known: false, faults: [] };

const LOOKED_AT_EVERY_MS = 3000;

export function useSilentFaults(car: string): SilentFaults {
    const silent = useQuery({
        queryKey: ['silent-faults', car],
        queryFn: () => taken(api.GET('/api/cars/{car}/silent-faults', { params: { path: { car } } })),
        staleTime: Infinity,
        refetchInterval: ({ state }) => state.data?.known === false && LOOKED_AT_EVERY_MS,
    });
    return silent.data ?? UNKNOWN;
}

/** On the wire given; without one, on every wire it can sit on. */
export function isSilent(silent: SilentFaults, kind: string, channel: string, conductor?: string): boolean {
    return silent.faults.some(
        (one) =>
            one.kind === kind &&
            one.channel === channel &&
            (one.conductor === '' || one.conductor === conductor),
    );
}
