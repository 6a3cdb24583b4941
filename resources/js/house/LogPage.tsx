import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { LogRow } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Choice } from '../ui/Choice';
import { isSought, NOTHING_SOUGHT, Seek } from '../ui/Seek';
import { Cell, RowHeading, Table } from '../ui/Table';
import { day } from '../words/reader';
import { t } from '../words/words';

/** A class at work is watched. */
const LOOKED_AT_EVERY_MS = 15000;

/** What wants a second look, told by shape and word. */
const NOTED: LogRow['kind'][] = ['sign-in-slowed', 'refused', 'sign-in-failed'];

/** What happened in the house: the newest first. */
export function LogPage() {
    const isOffice = useSession().data?.user?.role === 'administrator';
    const [wanted, setWanted] = useState<'all' | 'noted'>('all');
    const log = useQuery({
        queryKey: ['log'],
        queryFn: () => taken(api.GET('/api/log')),
        refetchInterval: LOOKED_AT_EVERY_MS,
    });
    const [sought, setSought] = useState(NOTHING_SOUGHT);
    const rows = log.data?.filter(
        ({ kind, who, about }) =>
            (wanted === 'all' || NOTED.includes(kind)) &&
            isSought(sought, [t(`log.kind.${kind}`), who, about]),
    );

    return (
        <Page title={t('log.title')} right={<WhoAmI />}>
            <div className="mb-3 flex items-center gap-5">
                <Choice
                    label={t('log.show')}
                    options={(['all', 'noted'] as const).map((value) => ({
                        value,
                        label: t(`log.show-${value}`),
                    }))}
                    value={wanted}
                    onChoose={setWanted}
                />
                <p className="text-small text-ink-soft">{t(isOffice ? 'log.about-office' : 'log.about')}</p>
            </div>
            <Seek sought={sought} onChange={setSought} />
            {log.isPending && <Loading what={t('wait.log')} />}
            {log.isError && <Failed error={log.error} onRetry={() => void log.refetch()} />}
            {rows?.length === 0 && <p className="p-4">{t('log.empty')}</p>}
            {rows !== undefined && rows.length > 0 && (
                <Table
                    label={t('log.title')}
                    columns={['at', 'what', 'who', 'about-column', ...(isOffice ? ['address'] : [])].map(
                        (column) => t(`log.${column}`),
                    )}
                >
                    {rows.map((row) => (
                        <tr key={row.id}>
                            <Cell tabular>{day(row.at)}</Cell>
                            <RowHeading>
                                <span aria-hidden>{NOTED.includes(row.kind) ? '△' : '○'} </span>
                                {t(`log.kind.${row.kind}`)}
                            </RowHeading>
                            <Cell>{row.who}</Cell>
                            <Cell>{row.about}</Cell>
                            {isOffice && <Cell tabular>{row.address}</Cell>}
                        </tr>
                    ))}
                </Table>
            )}
        </Page>
    );
}
