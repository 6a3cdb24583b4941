import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, Refused, taken } from '../api/client';
import type { RoadPlay, RoadSetting } from '../api/types';
import { useSettled } from './useSettled';

const SETTLES_IN_MS = 250;

export interface RoadLab {
    play?: RoadPlay;
    errors: Record<string, string>;
}

/** The drive of a setting; while one is worked out the last one stays. */
export function useRoadLab(setting: RoadSetting): RoadLab {
    const settled = useSettled(setting, SETTLES_IN_MS);
    const query = useQuery({
        queryKey: ['road-lab', settled],
        queryFn: () => taken(api.POST('/api/road-lab', { body: settled })),
        placeholderData: keepPreviousData,
    });
    return { play: query.data, errors: query.error instanceof Refused ? query.error.fields : {} };
}
