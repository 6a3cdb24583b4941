import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, taken } from '../api/client';
import type { Attempt, News } from '../api/types';

/** A remark is there before one has wondered; time is counted here in between. */
const LOOKED_AT_EVERY_MS = 5000;

/** Where two work it, one waits for what the other one does. */
const OF_TWO_LOOKED_AT_EVERY_MS = 1500;

/** What comes to a job from outside, and the hand that is raised. A job that was closed elsewhere, or that the partner went on with, is read anew. */
export function useNews(attempt: Attempt) {
    const queries = useQueryClient();
    const isTrial = attempt.trialOf !== null;
    const key = ['news', attempt.id];
    const path = { params: { path: { attempt: attempt.id } } };
    const news = useQuery({
        queryKey: key,
        queryFn: () => taken(api.GET('/api/attempts/{attempt}/news', path)),
        refetchInterval: ({ state }) =>
            state.data?.pair?.joined === true ? OF_TWO_LOOKED_AT_EVERY_MS : LOOKED_AT_EVERY_MS,
        enabled: !isTrial && !attempt.state.concluded,
    });
    const help = useMutation({
        mutationFn: (wanted: boolean) =>
            taken(api.PUT('/api/attempts/{attempt}/help', { ...path, body: { wanted } })),
        onSuccess: (after) => queries.setQueryData<News>(key, after),
    });
    const hasMovedOn =
        (news.data?.concluded === true && !attempt.state.concluded) ||
        (news.data?.steps ?? 0) > attempt.steps.length;
    useEffect(() => {
        if (hasMovedOn) void queries.invalidateQueries({ queryKey: ['attempt', attempt.id] });
    }, [hasMovedOn, news.data?.steps, queries, attempt.id]);
    return {
        news: news.data,
        /** Milliseconds by which the clock of the server is ahead of ours. */
        ahead: news.data === undefined ? 0 : Date.parse(news.data.now) - news.dataUpdatedAt,
        askForHelp: isTrial ? undefined : (wanted: boolean) => help.mutate(wanted),
    };
}
