import { useMutation, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, Refused, taken } from '../api/client';
import type { Mark, Override } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextArea, TextField } from '../ui/Field';
import { typed, useCheckedForm, sentence } from '../ui/useCheckedForm';
import { points } from '../words/quantities';
import { t } from '../words/words';
import { markSentence } from './markSentence';

interface Props {
    attempt: number;
    mark: Mark;
    override: Override | undefined;
    onClose: () => void;
}

const LEAST_LETTERS = 10;

const decision = z.object({
    points: typed('override.points-wrong', (value) => value >= 0),
    reason: sentence(LEAST_LETTERS, Infinity, () => t('override.reason-missing')),
});

/** The instructor's own points for one criterion, with the reason; the computed ones stay beside them. */
export function OverrideDialog({ attempt, mark, override, onClose }: Props) {
    const form = useCheckedForm(decision, {
        points: points(override?.points ?? mark.points),
        reason: override?.reason ?? '',
    });
    const client = useQueryClient();
    const decide = useMutation({
        mutationFn: (decided: number | null) =>
            taken(
                api.POST('/api/attempts/{attempt}/overrides', {
                    params: { path: { attempt } },
                    body: {
                        criterion: mark.criterion,
                        points: decided,
                        reason: form.getValues('reason'),
                    },
                }),
            ),
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: ['report', attempt] });
            onClose();
        },
        onError: (error) => error instanceof Refused && form.refuse(error.fields),
    });
    const refused = decide.error instanceof Refused ? decide.error.fields : {};

    return (
        <Dialog
            title={t('override.title', { criterion: t(`criterion.${mark.criterion}`) })}
            open
            onClose={onClose}
        >
            <form
                className="flex flex-col gap-3"
                onSubmit={form.sending((given) => decide.mutate(given.points))}
            >
                <p className="text-ink-soft">
                    {t('override.computed', { points: points(mark.points), out_of: mark.outOf })}{' '}
                    {markSentence(mark.reason, mark.parameters)}
                </p>
                <TextField
                    label={t('override.points', { out_of: mark.outOf })}
                    inputMode="decimal"
                    {...form.field('points')}
                />
                <TextArea
                    label={t('override.reason')}
                    hint={t('override.reason-hint')}
                    rows={3}
                    {...form.field('reason')}
                />
                {decide.isError && Object.keys(refused).length === 0 && (
                    <p role="alert">{decide.error.message}</p>
                )}
                <div className="flex gap-3">
                    <Button kind="main" type="submit" disabled={decide.isPending}>
                        {t('override.keep')}
                    </Button>
                    {override !== undefined && (
                        <Button disabled={decide.isPending} onClick={() => decide.mutate(null)}>
                            {t('override.withdraw')}
                        </Button>
                    )}
                </div>
            </form>
        </Dialog>
    );
}
