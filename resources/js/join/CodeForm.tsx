import { useMutation } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';
import type { Class } from './JoinPage';

/** The code as it is shown to the class. */
export function CodeForm({ onFound }: { onFound: (found: Class) => void }) {
    const form = useCheckedForm(z.object({ code: z.string() }), { code: '' });
    const look = useMutation({
        mutationFn: async ({ code }: { code: string }) => {
            await taken(api.GET('/api/session')); // brings a fresh token
            return { code, ...(await taken(api.POST('/api/join/look', { body: { code } }))) };
        },
        onSuccess: onFound,
        onError: form.refused,
    });
    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((given) => look.mutate(given))}>
            <TextField
                label={t('join.type-code')}
                autoComplete="off"
                autoCapitalize="none"
                autoFocus
                {...form.field('code')}
            />
            <Button type="submit" kind="main" disabled={look.isPending}>
                {t('join.next')}
            </Button>
        </form>
    );
}
