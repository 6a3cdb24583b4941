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
import { isSought, NOTHING_SOUGHT, Seek } from '../ui/Seek';
import { t } from '../words/words';
import { AddPerson } from './AddPerson';
import { ChooseGroups } from './ChooseGroups';
import { ForOnce } from './ForOnce';
import { GroupsDialog } from './GroupsDialog';
import { PeopleHead } from './PeopleHead';
import { PeopleTable } from './PeopleTable';
import { useGroups } from './useGroups';

/** Those one answers for: who they are, in which groups, and a new password for whoever has lost theirs. */
export function PeoplePage() {
    const queries = useQueryClient();
    const isOffice = useSession().data?.user?.role === 'administrator';
    const groups = useGroups().data ?? [];
    const [open, setOpen] = useState<'add' | 'groups' | null>(null);
    const [group, setGroup] = useState('');
    const [resetting, setResetting] = useState<PersonRow | null>(null);
    const [regrouping, setRegrouping] = useState<PersonRow | null>(null);
    const [deleting, setDeleting] = useState<PersonRow | null>(null);
    const [told, setTold] = useState<PasswordForOnce | null>(null);
    const people = useQuery({ queryKey: ['people'], queryFn: () => taken(api.GET('/api/people')) });
    const tell = (given: PasswordForOnce) => {
        setOpen(null);
        setTold(given);
        void queries.invalidateQueries({ queryKey: ['people'] });
        void queries.invalidateQueries({ queryKey: ['groups'] });
    };
    const reset = useMutation({
        mutationFn: ({ id }: PersonRow) =>
            taken(api.POST('/api/people/{person}/password', { params: { path: { person: id } } })),
        onSuccess: tell,
    });
    const remove = useMutation({
        mutationFn: ({ id }: PersonRow) =>
            taken(api.DELETE('/api/people/{person}', { params: { path: { person: id } } })),
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['people'] }),
    });
    const [sought, setSought] = useState(NOTHING_SOUGHT);
    const shown = people.data?.filter(
        (one) =>
            (group === '' || one.groups.some(({ id }) => String(id) === group)) &&
            isSought(sought, [one.name, one.signIn]),
    );

    return (
        <Page
            title={t('people.title')}
            right={
                <>
                    <Button onClick={() => setOpen('groups')}>{t('groups.open')}</Button>
                    <Button onClick={() => setOpen('add')}>{t('people.add')}</Button>
                    <WhoAmI />
                </>
            }
        >
            <PeopleHead ofTheHouse={isOffice} groups={groups} group={group} onGroup={setGroup} />
            <Seek sought={sought} onChange={setSought} />
            {people.isPending && <Loading what={t('wait.people')} />}
            {people.isError && <Failed error={people.error} onRetry={() => void people.refetch()} />}
            {reset.isError && <p role="alert">{reset.error.message}</p>}
            {remove.isError && <p role="alert">{remove.error.message}</p>}
            {shown?.length === 0 && (
                <p className="p-4">{t(sought.words === '' ? 'people.empty' : 'seek.nothing')}</p>
            )}
            {shown !== undefined && shown.length > 0 && (
                <PeopleTable
                    rows={shown}
                    ofTheHouse={isOffice}
                    busy={reset.isPending}
                    onReset={setResetting}
                    onRegroup={setRegrouping}
                    onDelete={setDeleting}
                />
            )}
            <AddPerson
                open={open === 'add'}
                offersRole={isOffice}
                groups={groups}
                onClose={() => setOpen(null)}
                onAdded={tell}
            />
            <GroupsDialog groups={groups} open={open === 'groups'} onClose={() => setOpen(null)} />
            <ChooseGroups person={regrouping} groups={groups} onClose={() => setRegrouping(null)} />
            <ConfirmDialog
                title={t('people.reset')}
                open={resetting !== null}
                onClose={() => setResetting(null)}
                onConfirm={() => resetting !== null && reset.mutate(resetting)}
            >
                {t('people.reset-ask', { name: resetting?.name ?? '' })}
            </ConfirmDialog>
            <ConfirmDialog
                title={t('people.delete')}
                open={deleting !== null}
                onClose={() => setDeleting(null)}
                onConfirm={() => deleting !== null && remove.mutate(deleting)}
            >
                {t('people.delete-about', { name: deleting?.name ?? '' })}
            </ConfirmDialog>
            <ForOnce given={told} onClose={() => setTold(null)} />
        </Page>
    );
}
