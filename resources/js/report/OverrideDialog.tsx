import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused, taken } from '../api/client';
import type { Mark, Override } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextArea, TextField } from '../ui/Field';
import { points } from '../words/quantities';
import { t } from '../words/words';

interface Props {
    attempt: number;
    mark: Mark;
    override: Override | undefined;
    onClose: () => void;
}

/** The instructor's own points for one criterion, with the reason; the computed ones stay beside them. */
export function OverrideDialog({ attempt, mark, override, onClose }: Props) {
    const [given, setGiven] = useState(points(override?.points ?? mark.points));
    const [reason, setReason] = useState(override?.reason ?? '');
    const client = useQueryClient();
    const decide = useMutation({
        mutationFn: (decided: number | null) =>
            taken(
                api.POST('/api/attempts/{attempt}/overrides', {
                    params: { path: { attempt } },
                    body: { criterion: mark.criterion, points: decided, reason },
                }),
            ),
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: ['report', attempt] });
            onClose();
        },
    });
    const errors = decide.error instanceof Refused ? decide.error.fields : {};

    return (
        <Dialog
            title={t('override.title', { criterion: t(`criterion.${mark.criterion}`) })}
            open
            onClose={onClose}
        >
            <form
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    decide.mutate(Number(given.replace(',', '.')));
                }}
            >
                <p className="text-ink-soft">
                    {t('override.computed', { points: points(mark.points), out_of: mark.outOf })}{' '}
                    {t(mark.reason, mark.parameters)}
                </p>
                <TextField
                    label={t('override.points', { out_of: mark.outOf })}
                    inputMode="decimal"
                    value={given}
                    onChange={(event) => setGiven(event.target.value)}
                    error={errors.points}
                />
                <TextArea
                    label={t('override.reason')}
                    hint={t('override.reason-hint')}
                    rows={3}
                    value={reason}
                    onChange={(event) => setReason(event.target.value)}
                    error={errors.reason}
                />
                {decide.isError && Object.keys(errors).length === 0 && (
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
