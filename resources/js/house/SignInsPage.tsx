import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { SignInRow } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { useSignInAgain } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { day } from '../words/reader';
import { t } from '../words/words';
import { CELL, HEAD } from './table';

/** Where one is signed in, and for whom one answers. */
export function SignInsPage() {
    const queries = useQueryClient();
    const signInAgain = useSignInAgain();
    const [ending, setEnding] = useState<SignInRow | null>(null);
    const signIns = useQuery({ queryKey: ['sign-ins'], queryFn: () => taken(api.GET('/api/sign-ins')) });
    const end = useMutation({
        mutationFn: ({ id }: SignInRow) =>
            taken(api.DELETE('/api/sign-ins/{signIn}', { params: { path: { signIn: id } } })),
        onSuccess: (_, { isThisOne }) =>
            isThisOne ? signInAgain() : queries.invalidateQueries({ queryKey: ['sign-ins'] }),
    });

    return (
        <Page title={t('sign-ins.title')} right={<WhoAmI />}>
            <p className="mb-3 text-small text-ink-soft">{t('sign-ins.about')}</p>
            {signIns.isPending && <Loading />}
            {signIns.isError && <Failed error={signIns.error} onRetry={() => void signIns.refetch()} />}
            {end.isError && <p role="alert">{end.error.message}</p>}
            {signIns.data !== undefined && (
                <div
                    className="max-h-[90%] overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('sign-ins.title')}
                >
                    <table className="w-full border-collapse bg-bench text-left">
                        <thead className="border-b border-ink">
                            <tr>
                                {['name', 'began', 'seen', 'address', 'end'].map((column) => (
                                    <th key={column} scope="col" className={HEAD}>
                                        {t(`sign-ins.${column}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {signIns.data.map((row) => (
                                <tr key={row.id}>
                                    <th scope="row" className={CELL}>
                                        {row.name}
                                        {row.isThisOne && (
                                            <span className="font-semibold"> ■ {t('sign-ins.here')}</span>
                                        )}
                                    </th>
                                    <td className={`${CELL} tabular`}>{day(row.beganAt)}</td>
                                    <td className={`${CELL} tabular`}>{day(row.seenAt)}</td>
                                    <td className={`${CELL} tabular`}>{row.address ?? '–'}</td>
                                    <td className={CELL}>
                                        <Button
                                            disabled={end.isPending}
                                            onClick={() => setEnding(row)}
                                            aria-label={t('sign-ins.end-of', {
                                                name: row.name,
                                                at: day(row.beganAt),
                                            })}
                                        >
                                            {t('sign-ins.end')}
                                        </Button>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <ConfirmDialog
                title={t('sign-ins.end')}
                open={ending !== null}
                onClose={() => setEnding(null)}
                onConfirm={() => ending !== null && end.mutate(ending)}
            >
                {t(ending?.isThisOne === true ? 'sign-ins.end-here' : 'sign-ins.end-there', {
                    name: ending?.name ?? '',
                })}
            </ConfirmDialog>
        </Page>
    );
}
