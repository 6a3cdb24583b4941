import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { t } from '../words/words';
import { ProgressView } from './ProgressView';

/** An apprentice's own, of jobs whose reports are open. */
export function MyProgressPage() {
    const progress = useQuery({
        queryKey: ['progress'],
        queryFn: () => taken(api.GET('/api/account/progress')),
        gcTime: 0,
    });
    return (
        <Page
            title={t('progress.mine')}
            right={
                <>
                    <Link to="/jobs" className="text-petrol underline">
                        {t('report.back-jobs')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            {progress.isPending && <Loading what={t('wait.progress')} />}
            {progress.isError && <Failed error={progress.error} onRetry={() => void progress.refetch()} />}
            {progress.data !== undefined && <ProgressView progress={progress.data} />}
        </Page>
    );
}
