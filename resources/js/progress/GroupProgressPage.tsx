import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { useGroups } from '../people/useGroups';
import { t } from '../words/words';
import { ProgressView } from './ProgressView';

/** Of a whole group: what most of them still have to learn. */
export function GroupProgressPage() {
    const group = Number(useParams().group);
    const name = useGroups().data?.find(({ id }) => id === group)?.name ?? '';
    const progress = useQuery({
        queryKey: ['progress', group],
        queryFn: () => taken(api.GET('/api/groups/{group}/progress', { params: { path: { group } } })),
        gcTime: 0,
    });
    return (
        <Page title={t('progress.of', { group: name })} right={<WhoAmI />}>
            {progress.isPending && <Loading what={t('wait.progress')} />}
            {progress.isError && <Failed error={progress.error} onRetry={() => void progress.refetch()} />}
            {progress.data !== undefined && <ProgressView progress={progress.data} />}
        </Page>
    );
}
