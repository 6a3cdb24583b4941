import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { api, Refused, taken } from '../api/client';
import type { LabReadings, LabSetting } from '../api/types';

export interface Lab {
    readings?: LabReadings;
    errors: Record<string, string>;
}

/** What the lab shows of a setting; while one is worked out the last one stays. */
export function useLab(setting: LabSetting): Lab {
    const settled = useDeferredValue(setting);
    const query = useQuery({
        queryKey: ['lab', settled],
        queryFn: () => taken(api.POST('/api/lab', { body: settled })),
        placeholderData: keepPreviousData,
    });
    return { readings: query.data, errors: query.error instanceof Refused ? query.error.fields : {} };
}
