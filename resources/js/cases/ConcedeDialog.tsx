import { useMutation, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, Refused, taken } from '../api/client';
import type { AttemptRow, NewConcession } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { useCheckedForm, sentence } from '../ui/useCheckedForm';
import { t } from '../words/words';

export type ConcessionKind = NewConcession['kind'];

interface Props {
    of: AttemptRow;
    /** Null while nothing is given. */
    kind: ConcessionKind | null;
    onClose: () => void;
}

/** Time, the job reopened or a fresh car for one apprentice, with the reason that is noted. */
export function ConcedeDialog({ of, kind, onClose }: Props) {
    return (
        <Dialog
            title={t(`lesson.concede.${kind ?? 'time'}`, { name: of.apprentice })}
            open={kind !== null}
            onClose={onClose}
        >
            {kind !== null && <ConcedeForm of={of} kind={kind} onClose={onClose} />}
        </Dialog>
    );
}

function ConcedeForm({ of, kind, onClose }: Props & { kind: ConcessionKind }) {
    const queries = useQueryClient();
    const form = useCheckedForm(
        z.object({
            minutes: z.string().check(z.regex(/^\d{1,3}$/, t('lesson.minutes-wrong', { most: 240 }))),
            reason: sentence(1, 400, () => t('lesson.reason-missing')),
        }),
        { minutes: kind === 'time' ? '10' : '0', reason: '' },
    );
    const concede = useMutation({
        mutationFn: ({ minutes, reason }: { minutes: string; reason: string }) =>
            taken(
                api.POST('/api/attempts/{attempt}/concessions', {
                    params: { path: { attempt: of.id } },
                    body: { kind, minutes: Number(minutes), reason },
                }),
            ),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['attempts'] });
            void queries.invalidateQueries({ queryKey: ['case'] });
            onClose();
        },
        onError: (error) => error instanceof Refused && form.refuse(error.fields),
    });
    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => concede.mutate(values))}>
            <p>{t(`lesson.concede-about.${kind}`)}</p>
            {kind !== 'fresh-car' && (
                <TextField label={t('lesson.minutes')} inputMode="numeric" {...form.field('minutes')} />
            )}
            <TextField label={t('lesson.reason')} {...form.field('reason')} />
            {concede.isError && <p role="alert">{concede.error.message}</p>}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={concede.isPending}>
                    {t('bay.do-it')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
