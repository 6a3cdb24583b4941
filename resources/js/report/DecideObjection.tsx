import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { TextArea } from '../ui/Field';
import { OneOf } from '../ui/OneOf';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

interface Props {
    attempt: number;
    onDecided: () => void;
}

/** Another instructor decides about an objection, in writing. */
export function DecideObjection({ attempt, onDecided }: Props) {
    const [right, setRight] = useState<'right' | 'wrong'>('wrong');
    const form = useCheckedForm(z.object({ decision: z.string() }), { decision: '' });
    const decide = useMutation({
        mutationFn: ({ decision }: { decision: string }) =>
            taken(
                api.PUT('/api/attempts/{attempt}/objection', {
                    params: { path: { attempt } },
                    body: { upheld: right === 'right', decision },
                }),
            ),
        onSuccess: onDecided,
        onError: form.refused,
    });
    return (
        <form
            className="flex flex-col gap-2 border border-ink p-3 no-print"
            onSubmit={form.sending((values) => decide.mutate(values))}
        >
            <OneOf
                question={t('objection.question')}
                name="upheld"
                options={(['right', 'wrong'] as const).map((value) => ({
                    value,
                    label: t(`objection.${value}`),
                }))}
                value={right}
                onChoose={setRight}
            />
            <TextArea label={t('objection.why')} rows={2} {...form.field('decision')} />
            <div>
                <Button type="submit" kind="main" disabled={decide.isPending}>
                    {t('objection.decide')}
                </Button>
            </div>
        </form>
    );
}
