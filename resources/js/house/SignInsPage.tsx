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
import { Cell, RowHeading, Table } from '../ui/Table';
import { day } from '../words/reader';
import { t } from '../words/words';

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
            {signIns.isPending && <Loading what={t('wait.sign-ins')} />}
            {signIns.isError && <Failed error={signIns.error} onRetry={() => void signIns.refetch()} />}
            {end.isError && <p role="alert">{end.error.message}</p>}
            {signIns.data !== undefined && (
                <Table
                    label={t('sign-ins.title')}
                    columns={['name', 'began', 'seen', 'address', 'end'].map((column) =>
                        t(`sign-ins.${column}`),
                    )}
                >
                    {signIns.data.map((row) => (
                        <tr key={row.id}>
                            <RowHeading>
                                {row.name}
                                {row.isThisOne && (
                                    <span className="font-semibold"> ■ {t('sign-ins.here')}</span>
                                )}
                            </RowHeading>
                            <Cell tabular>{day(row.beganAt)}</Cell>
                            <Cell tabular>{day(row.seenAt)}</Cell>
                            <Cell tabular>{row.address ?? '–'}</Cell>
                            <Cell>
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
                            </Cell>
                        </tr>
                    ))}
                </Table>
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
