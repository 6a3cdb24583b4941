import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { PasswordForOnce, PersonRow } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { t } from '../words/words';
import { AddPerson } from './AddPerson';
import { ForOnce } from './ForOnce';
import { PeopleTable } from './PeopleTable';

/** Those one answers for: who they are, and a new password for whoever has lost theirs. */
export function PeoplePage() {
    const queries = useQueryClient();
    const isOffice = useSession().data?.user?.role === 'administrator';
    const [adds, setAdds] = useState(false);
    const [resetting, setResetting] = useState<PersonRow | null>(null);
    const [told, setTold] = useState<PasswordForOnce | null>(null);
    const people = useQuery({ queryKey: ['people'], queryFn: () => taken(api.GET('/api/people')) });
    const tell = (given: PasswordForOnce) => {
        setAdds(false);
        setTold(given);
        void queries.invalidateQueries({ queryKey: ['people'] });
    };
    const reset = useMutation({
        mutationFn: ({ id }: PersonRow) =>
            taken(api.POST('/api/people/{person}/password', { params: { path: { person: id } } })),
        onSuccess: tell,
    });

    return (
        <Page
            title={t('people.title')}
            right={
                <>
                    <Button onClick={() => setAdds(true)}>{t('people.add')}</Button>
                    <WhoAmI />
                </>
            }
        >
            <p className="mb-3 text-small text-ink-soft">
                {t(isOffice ? 'people.about-office' : 'people.about')}
            </p>
            {people.isPending && <Loading />}
            {people.isError && <Failed error={people.error} onRetry={() => void people.refetch()} />}
            {reset.isError && <p role="alert">{reset.error.message}</p>}
            {people.data?.length === 0 && <p className="p-4">{t('people.empty')}</p>}
            {people.data !== undefined && people.data.length > 0 && (
                <PeopleTable
                    rows={people.data}
                    ofTheHouse={isOffice}
                    busy={reset.isPending}
                    onReset={setResetting}
                />
            )}
            <AddPerson open={adds} offersRole={isOffice} onClose={() => setAdds(false)} onAdded={tell} />
            <ConfirmDialog
                title={t('people.reset')}
                open={resetting !== null}
                onClose={() => setResetting(null)}
                onConfirm={() => resetting !== null && reset.mutate(resetting)}
            >
                {t('people.reset-ask', { name: resetting?.name ?? '' })}
            </ConfirmDialog>
            <ForOnce given={told} onClose={() => setTold(null)} />
        </Page>
    );
}
