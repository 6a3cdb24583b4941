import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { t } from '../words/words';
import { ChooseFile } from './ChooseFile';
import { GroupSelect } from './GroupSelect';
import { inBase64, MOST_KILOBYTES } from './file';
import { RosterTable } from './RosterTable';
import { useGroups } from './useGroups';

/** Many people at once: a table is chosen, looked at, and taken in whole or not at all. */
export function RosterPage() {
    const queries = useQueryClient();
    const navigate = useNavigate();
    const groups = useGroups().data ?? [];
    const [csv, setCsv] = useState('');
    const [chosen, setChosen] = useState('');
    const group = chosen === '' && groups.length === 1 ? String(groups[0]!.id) : chosen;
    const read = useMutation({
        mutationFn: async (file: File) => {
            if (file.size > MOST_KILOBYTES * 1024) {
                throw new Error(t('roster.large', { kilobytes: MOST_KILOBYTES }));
            }
            const text = await inBase64(file);
            setCsv(text);
            return taken(api.POST('/api/people/roster-check', { body: { csv: text } }));
        },
    });
    const add = useMutation({
        mutationFn: () =>
            taken(
                api.POST('/api/people/roster', {
                    body: { csv, group: group === '' ? null : Number(group) },
                }),
            ),
        onSuccess: () => {
            void queries.invalidateQueries();
            void navigate('/people/cards');
        },
    });
    const bad = read.data?.rows.filter((row) => row.problem !== null).length ?? 0;
    const problem = read.error?.message ?? add.error?.message;

    return (
        <Page title={t('roster.title')} right={<WhoAmI />}>
            <div className="flex h-full min-h-0 flex-col gap-3">
                <div className="flex items-end gap-5">
                    <ChooseFile
                        label={t('roster.file')}
                        accept=".csv,.txt,.tsv,text/csv"
                        onFile={read.mutate}
                    />
                    {read.data?.needsGroup === true && (
                        <div className="w-72">
                            <GroupSelect
                                label={t('roster.group')}
                                groups={groups}
                                value={group}
                                onChoose={setChosen}
                            />
                        </div>
                    )}
                    {read.data !== undefined && bad === 0 && (
                        <Button
                            kind="main"
                            disabled={add.isPending || (read.data.needsGroup && group === '')}
                            onClick={() => add.mutate()}
                        >
                            {t('roster.add', { count: read.data.rows.length })}
                        </Button>
                    )}
                    <Link to="/people" className="py-1 text-petrol underline">
                        {t('roster.back')}
                    </Link>
                </div>
                {problem !== undefined && (
                    <p role="alert" className="font-semibold">
                        {problem}
                    </p>
                )}
                {read.data === undefined ? (
                    <p className="max-w-150">{t('roster.about')}</p>
                ) : (
                    <RosterTable read={read.data} bad={bad} />
                )}
            </div>
        </Page>
    );
}
