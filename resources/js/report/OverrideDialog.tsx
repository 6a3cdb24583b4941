import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { api, Refused, taken } from '../api/client';
import type { Mark, Override } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextArea, TextField } from '../ui/Field';
import { typedNumber } from '../words/number';
import { points } from '../words/quantities';
import { t } from '../words/words';

interface Props {
    attempt: number;
    mark: Mark;
    override: Override | undefined;
    onClose: () => void;
}

const decision = z.object({
    points: z
        .string()
        .refine((text) => (typedNumber(text) ?? -1) >= 0, { error: () => t('override.points-wrong') }),
    reason: z.string(),
});

/** The instructor's own points for one criterion, with the reason; the computed ones stay beside them. */
export function OverrideDialog({ attempt, mark, override, onClose }: Props) {
    const form = useForm({
        resolver: zodResolver(decision),
        defaultValues: { points: points(override?.points ?? mark.points), reason: override?.reason ?? '' },
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
    });
    const refused = decide.error instanceof Refused ? decide.error.fields : {};
    const wrong = form.formState.errors;

    return (
        <Dialog
            title={t('override.title', { criterion: t(`criterion.${mark.criterion}`) })}
            open
            onClose={onClose}
        >
            <form
                className="flex flex-col gap-3"
                onSubmit={(event) =>
                    void form.handleSubmit((given) => decide.mutate(typedNumber(given.points)))(event)
                }
            >
                <p className="text-ink-soft">
                    {t('override.computed', { points: points(mark.points), out_of: mark.outOf })}{' '}
                    {t(mark.reason, mark.parameters)}
                </p>
                <TextField
                    label={t('override.points', { out_of: mark.outOf })}
                    inputMode="decimal"
                    {...form.register('points')}
                    error={wrong.points?.message ?? refused.points}
                />
                <TextArea
                    label={t('override.reason')}
                    hint={t('override.reason-hint')}
                    rows={3}
                    {...form.register('reason')}
                    error={wrong.reason?.message ?? refused.reason}
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
