import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

interface Props {
    attempt: number;
    onSent: () => void;
}

/** One sentence against the mark. */
export function ObjectToMark({ attempt, onSent }: Props) {
    const [open, setOpen] = useState(false);
    const form = useCheckedForm(z.object({ text: z.string() }), { text: '' });
    const send = useMutation({
        mutationFn: (body: { text: string }) =>
            taken(api.POST('/api/attempts/{attempt}/objection', { params: { path: { attempt } }, body })),
        onSuccess: onSent,
        onError: form.refused,
    });
    if (!open)
        return (
            <button type="button" className="text-petrol underline no-print" onClick={() => setOpen(true)}>
                {t('objection.object')}
            </button>
        );
    return (
        <form className="flex items-end gap-3" onSubmit={form.sending((values) => send.mutate(values))}>
            <div className="flex-1">
                <TextField label={t('objection.field')} autoFocus maxLength={400} {...form.field('text')} />
            </div>
            <Button type="submit" kind="main" disabled={send.isPending}>
                {t('objection.send')}
            </Button>
        </form>
    );
}
