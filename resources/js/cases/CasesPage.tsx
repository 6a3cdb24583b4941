import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import { CaseFilters } from './CaseFilters';
import { CaseTable } from './CaseTable';
import { ALL, found } from './wanted';

/** All cases of an instructor: found, composed, kept in order. */
export function CasesPage() {
    const cases = useQuery({ queryKey: ['cases'], queryFn: () => taken(api.GET('/api/cases')) });
    const cars = useQuery({ queryKey: ['cars'], queryFn: () => taken(api.GET('/api/cars')) });
    const kinds = useQuery({ queryKey: ['fault-kinds'], queryFn: () => taken(api.GET('/api/fault-kinds')) });
    const navigate = useNavigate();
    const [wanted, setWanted] = useState(ALL);
    const [problem, setProblem] = useState('');
    const stationOf = (kind: string) => kinds.data?.find(({ id }) => id === kind)?.station;
    const shown = found(cases.data ?? [], wanted, stationOf);

    return (
        <Page
            title={t('cases.title')}
            right={
                <>
                    <Button onClick={() => void navigate('/lesson')}>{t('lesson.start')}</Button>
                    <Button kind="main" onClick={() => void navigate('/cases/new')}>
                        {t('cases.compose')}
                    </Button>
                    <WhoAmI />
                </>
            }
        >
            {cases.isPending && <Loading what={t('wait.cases')} />}
            {cases.isError && <Failed error={cases.error} onRetry={() => void cases.refetch()} />}
            {cases.data?.length === 0 && <p className="p-4">{t('cases.empty')}</p>}
            {cases.data !== undefined && cases.data.length > 0 && (
                <div className="flex h-full min-h-0 flex-col">
                    <CaseFilters
                        cases={cases.data}
                        kinds={kinds.data ?? []}
                        cars={cars.data ?? []}
                        wanted={wanted}
                        onChange={setWanted}
                    />
                    {problem !== '' && (
                        <p role="alert" className="mb-2 font-semibold">
                            {problem}
                        </p>
                    )}
                    {shown.length === 0 ? (
                        <p role="status" className="p-4">
                            {t('cases.none-like-that')}
                        </p>
                    ) : (
                        <CaseTable cases={shown} onProblem={setProblem} />
                    )}
                </div>
            )}
        </Page>
    );
}
