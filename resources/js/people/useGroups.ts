import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../api/client';

export const GROUPS = ['groups'];

/** The groups whoever is signed in answers for. */
export function useGroups() {
    return useQuery({ queryKey: GROUPS, queryFn: () => taken(api.GET('/api/groups')) });
}
