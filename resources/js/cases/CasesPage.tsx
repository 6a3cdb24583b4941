import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { t } from '../words/words';

const CELL = 'border-b border-floor-deep px-3 py-2 align-top';

export function CasesPage() {
    const cases = useQuery({ queryKey: ['cases'], queryFn: () => taken(api.GET('/api/cases')) });
    const navigate = useNavigate();

    return (
        <Page
            title={t('cases.title')}
            right={
                <>
                    <Button kind="main" onClick={() => void navigate('/cases/new')}>
                        {t('cases.compose')}
                    </Button>
                    <WhoAmI />
                </>
            }
        >
            {cases.isPending && <Loading />}
            {cases.isError && <Failed error={cases.error} onRetry={() => void cases.refetch()} />}
            {cases.data?.length === 0 && <p className="p-4">{t('cases.empty')}</p>}
            {cases.data !== undefined && cases.data.length > 0 && (
                <div className="max-h-full overflow-auto">
                    <table className="w-full border-collapse bg-bench text-left">
                        <thead className="border-b border-ink">
                            <tr>
                                {['name', 'job', 'fault', 'published', 'attempts'].map((column) => (
                                    <th key={column} scope="col" className="px-3 py-2 font-semibold">
                                        {t(`cases.${column}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {cases.data.map((one) => (
                                <CaseRow key={one.id} record={one} />
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </Page>
    );
}

function CaseRow({ record }: { record: CaseRecord }) {
    const latest = record.versions[record.versions.length - 1];
    const started = record.versions.reduce((sum, one) => sum + one.attempts, 0);
    const concluded = record.versions.reduce((sum, one) => sum + one.concluded, 0);
    return (
        <tr>
            <th scope="row" className={CELL}>
                <Link to={`/cases/${record.id}`} className="font-semibold text-petrol underline">
                    {record.document.name}
                </Link>
            </th>
            <td className={CELL}>{record.document.jobTitle}</td>
            <td className={CELL}>
                {record.document.faults.length === 0 && t('bench.nothing-wrong')}
                {record.document.faults.map((fault) => (
                    <div key={`${fault.kind}${fault.channel}`}>
                        {t(`fault.${fault.kind}`)}, {t(`place.${fault.channel}`)}
                    </div>
                ))}
            </td>
            <td className={CELL}>
                {latest === undefined ? t('cases.never') : t('cases.version', { number: latest.number })}
            </td>
            <td className={CELL}>
                {started === 0 ? (
                    '–'
                ) : (
                    <Link to={`/cases/${record.id}/attempts`} className="text-petrol underline">
                        {t('cases.worked', { concluded, open: started - concluded })}
                    </Link>
                )}
            </td>
        </tr>
    );
}
