import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../api/client';
import type { AttemptRow, CaseRecord } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { AttemptLine } from './AttemptLine';
import { GivenOut } from './GivenOut';
import { isSought, NOTHING_SOUGHT, Seek } from '../ui/Seek';
import { useRowsAsBlocks } from '../ui/useRowsAsBlocks';
import { t } from '../words/words';

/** A class at work is watched. */
const LOOKED_AT_EVERY_MS = 5000;

const WHO_HAS_BEGUN_EVERY_MS = 15000;

function isBeingPrepared(record: CaseRecord | undefined): boolean {
    return record?.assignments.some(({ preparation }) => preparation?.done === false) ?? false;
}

const STATES = ['under-way', 'concluded', 'help', 'waiting'] as const;

/** By what a row can be found; several may hold at once. */
function standings({ concludedAt, helpWanted, proposed, objected }: AttemptRow): (typeof STATES)[number][] {
    return [
        concludedAt === null ? 'under-way' : 'concluded',
        ...(helpWanted ? (['help'] as const) : []),
        ...(proposed || objected ? (['waiting'] as const) : []),
    ];
}

export function AttemptsPage() {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    const id = Number(useParams().id);
    const record = useQuery({
        queryKey: ['case', id],
        queryFn: () => taken(api.GET('/api/cases/{case}', { params: { path: { case: id } } })),
        refetchInterval: ({ state }) =>
            isBeingPrepared(state.data) ? LOOKED_AT_EVERY_MS : WHO_HAS_BEGUN_EVERY_MS,
    });
    const attempts = useQuery({
        queryKey: ['attempts', id],
        queryFn: () => taken(api.GET('/api/cases/{case}/attempts', { params: { path: { case: id } } })),
        refetchInterval: LOOKED_AT_EVERY_MS,
    });

    const [sought, setSought] = useState(NOTHING_SOUGHT);
    const rows = attempts.data
        ?.filter((one) =>
            standings(one).some((standing) => isSought(sought, [one.apprentice, one.partner], standing)),
        )
        .sort((one, other) => other.startedAt.localeCompare(one.startedAt) || other.id - one.id);

    return (
        <Page
            title={`${t('attempts.title')} · ${record.data?.document.name ?? ''}`}
            right={
                <>
                    <Link to="/cases" className="text-petrol underline">
                        {t('attempts.back')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            {record.data !== undefined && <GivenOut record={record.data} />}
            {attempts.isPending && <Loading what={t('wait.attempts')} />}
            {attempts.isError && <Failed error={attempts.error} onRetry={() => void attempts.refetch()} />}
            {attempts.data?.length === 0 && <p className="p-4">{t('attempts.empty')}</p>}
            {(attempts.data?.length ?? 0) > 1 && (
                <Seek
                    sought={sought}
                    onChange={setSought}
                    states={STATES.map((value) => ({ value, label: t(`attempts.only.${value}`) }))}
                />
            )}
            {attempts.data?.length !== 0 && rows?.length === 0 && <p className="p-4">{t('seek.nothing')}</p>}
            {rows !== undefined && rows.length > 0 && (
                <div
                    ref={holder}
                    className="rows-as-blocks min-h-0 overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('attempts.title')}
                >
                    <table className="w-full border-collapse bg-bench text-left">
                        <thead className="border-b border-ink">
                            <tr>
                                {[
                                    'apprentice',
                                    'version',
                                    'state',
                                    'stage',
                                    'steps',
                                    'time',
                                    'possible',
                                    'mark',
                                    'more',
                                ].map((column) => (
                                    <th key={column} scope="col" className="px-3 py-2 font-semibold">
                                        {t(`attempts.${column}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {rows.map((one) => (
                                <AttemptLine key={one.id} of={one} />
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </Page>
    );
}
