import { useMutation, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const DIFFICULTIES = ['', 'easy', 'middling', 'hard'] as const;

const typed = z.object({ goals: z.string(), difficulty: z.enum(DIFFICULTIES) });

interface Props {
    record: CaseRecord;
    open: boolean;
    onClose: () => void;
}

/** What a case is to teach, in words of one's own. */
export function GoalsDialog({ record, open, onClose }: Props) {
    return (
        <Dialog title={`${t('cases.goals')}: ${record.document.name}`} open={open} onClose={onClose}>
            <GoalsForm record={record} onClose={onClose} />
        </Dialog>
    );
}

function GoalsForm({ record, onClose }: Omit<Props, 'open'>) {
    const queries = useQueryClient();
    const form = useCheckedForm(typed, { goals: record.goals.join(', '), difficulty: record.difficulty });
    const keep = useMutation({
        mutationFn: ({ goals, difficulty }: z.output<typeof typed>) =>
            taken(
                api.PATCH('/api/cases/{case}', {
                    params: { path: { case: record.id } },
                    body: {
                        difficulty,
                        goals: goals
                            .split(',')
                            .map((goal) => goal.trim())
                            .filter(Boolean),
                    },
                }),
            ),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['cases'] });
            onClose();
        },
        onError: form.refused,
    });

    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => keep.mutate(values))}>
            <TextField
                label={t('cases.goals')}
                hint={t('cases.goals-hint')}
                autoFocus
                {...form.field('goals')}
            />
            <SelectField
                label={t('cases.difficulty')}
                options={DIFFICULTIES.map((value) => ({ value, label: t(`difficulty.${value || 'none'}`) }))}
                {...form.field('difficulty')}
            />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={keep.isPending}>
                    {t('cases.keep-goals')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
