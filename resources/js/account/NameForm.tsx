import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { useChanged } from '../app/session';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const given = z.object({ name: z.string() });

export function NameForm({ name }: { name: string }) {
    const changed = useChanged();
    const form = useCheckedForm(given, { name });
    const [done, setDone] = useState(false);
    const change = useMutation({
        mutationFn: (body: z.output<typeof given>) => taken(api.PUT('/api/account', { body })),
        onSuccess: (user) => {
            setDone(true);
            changed(user);
        },
        onError: form.refused,
    });

    return (
        <form
            className="flex flex-col gap-3"
            onChange={() => setDone(false)}
            onSubmit={form.sending((values) => change.mutate(values))}
        >
            <TextField
                label={t('account.name')}
                hint={t('account.name-hint')}
                autoComplete="name"
                {...form.field('name')}
            />
            <div className="flex items-center gap-3">
                <Button type="submit" disabled={change.isPending}>
                    {t('account.change-name')}
                </Button>
                <span role="status">{done && `✓ ${t('account.name-changed')}`}</span>
            </div>
        </form>
    );
}
