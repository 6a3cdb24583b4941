import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';
import type { SilentFault } from '../api/types';

const LOOKED_AT_EVERY_MS = 3000;

/** What a car does not show by lamp, code or instrument; nothing as long as a worker is finding it out. */
export function useSilentFaults(car: string): SilentFault[] {
    const silent = useQuery({
        queryKey: ['silent-faults', car],
        queryFn: () => taken(api.GET('/api/cars/{car}/silent-faults', { params: { path: { car } } })),
        staleTime: Infinity,
        refetchInterval: ({ state }) => state.data?.known === false && LOOKED_AT_EVERY_MS,
    });
    return silent.data?.faults ?? [];
}
