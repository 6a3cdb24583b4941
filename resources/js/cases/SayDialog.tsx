import { useMutation, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { useCheckedForm, sentence } from '../ui/useCheckedForm';
import { t } from '../words/words';

const LONGEST = 300;

interface Props {
    /** Null while nothing is said. */
    assignment: number | null;
    /** Null: to all. */
    attempt: number | null;
    to: string;
    onClose: () => void;
}

/** A sentence that appears where they work. */
export function SayDialog({ assignment, attempt, to, onClose }: Props) {
    return (
        <Dialog title={t('lesson.say', { to })} open={assignment !== null} onClose={onClose}>
            {assignment !== null && <SayForm assignment={assignment} attempt={attempt} onClose={onClose} />}
        </Dialog>
    );
}

function SayForm({ assignment, attempt, onClose }: Omit<Props, 'to'> & { assignment: number }) {
    const queries = useQueryClient();
    const form = useCheckedForm(
        z.object({
            text: sentence(1, LONGEST, () => t('lesson.remark-missing', { most: LONGEST })),
        }),
        { text: '' },
    );
    const say = useMutation({
        mutationFn: ({ text }: { text: string }) =>
            taken(
                api.POST('/api/assignments/{assignment}/remarks', {
                    params: { path: { assignment } },
                    body: { text, attempt },
                }),
            ),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['attempts'] });
            onClose();
        },
    });
    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => say.mutate(values))}>
            <TextField label={t('lesson.remark')} autoFocus {...form.field('text')} />
            <p className="text-small text-ink-soft">{t('lesson.remark-about')}</p>
            {say.isError && <p role="alert">{say.error.message}</p>}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={say.isPending}>
                    {t('lesson.say-it')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
