import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { useSession } from '../app/session';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const given = z
    .object({ current: z.string(), password: z.string(), again: z.string() })
    .check(({ value, issues }) => {
        if (value.password !== value.again)
            issues.push({
                code: 'custom',
                path: ['again'],
                message: t('account.not-the-same'),
                input: value.again,
            });
    });

const NOTHING = { current: '', password: '', again: '' };

/** The server says whether a password will do. Whoever came with one for once is not asked for it again. */
export function PasswordForm({ forOnce }: { forOnce: boolean }) {
    const queries = useQueryClient();
    const signIn = useSession().data?.user?.signIn ?? '';
    const form = useCheckedForm(given, NOTHING);
    const [done, setDone] = useState(false);
    const change = useMutation({
        mutationFn: ({ current, password }: z.output<typeof given>) =>
            taken(
                api.PUT('/api/account/password', {
                    body: forOnce ? { password } : { current, password },
                }),
            ),
        onSuccess: (user) => {
            form.reset(NOTHING);
            setDone(true);
            queries.setQueryData(['session'], { user });
        },
        onError: form.refused,
    });

    return (
        <form
            className="flex flex-col gap-3"
            onChange={() => setDone(false)}
            onSubmit={form.sending((values) => change.mutate(values))}
        >
            <input type="hidden" name="username" autoComplete="username" value={signIn} readOnly />
            {!forOnce && (
                <TextField
                    label={t('account.current')}
                    type="password"
                    autoComplete="current-password"
                    {...form.field('current')}
                />
            )}
            <TextField
                label={t('account.new')}
                hint={t('account.new-hint')}
                type="password"
                autoComplete="new-password"
                autoFocus={forOnce}
                {...form.field('password')}
            />
            <TextField
                label={t('account.again')}
                type="password"
                autoComplete="new-password"
                {...form.field('again')}
            />
            <div className="flex items-center gap-3">
                <Button type="submit" kind="main" disabled={change.isPending}>
                    {t(forOnce ? 'account.take-password' : 'account.change-password')}
                </Button>
                <span role="status">{done && `✓ ${t('account.password-changed')}`}</span>
            </div>
        </form>
    );
}
