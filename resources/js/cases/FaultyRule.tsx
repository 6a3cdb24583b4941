import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, Refused, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { typed, useCheckedForm, sentence } from '../ui/useCheckedForm';
import { points as written } from '../words/quantities';
import { t } from '../words/words';

interface Props {
    /** Null while nothing is corrected. */
    assignment: number | null;
    onClose: () => void;
}

/** A rule was wrong: whom it has cost points, and so many points for all of them at least. */
export function FaultyRule({ assignment, onClose }: Props) {
    return (
        <Dialog title={t('rule.title')} open={assignment !== null} onClose={onClose}>
            {assignment !== null && <Rules assignment={assignment} onClose={onClose} />}
        </Dialog>
    );
}

function Rules({ assignment, onClose }: Props & { assignment: number }) {
    const queries = useQueryClient();
    const path = { params: { path: { assignment } } };
    const rules = useQuery({
        queryKey: ['rules', assignment],
        queryFn: () => taken(api.GET('/api/assignments/{assignment}/rules', path)),
        gcTime: 0,
    });
    const form = useCheckedForm(
        z.object({
            criterion: sentence(1, Infinity, () => t('rule.choose')),
            points: typed('override.points-wrong'),
            reason: sentence(10, 500, () => t('override.reason-missing')),
        }),
        { criterion: '', points: '', reason: '' },
    );
    const correct = useMutation({
        mutationFn: (body: { criterion: string; points: number; reason: string }) =>
            taken(api.POST('/api/assignments/{assignment}/corrections', { ...path, body })),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['attempts'] });
            void rules.refetch();
        },
        onError: (error) => error instanceof Refused && form.refuse(error.fields),
    });
    if (rules.isError) return <Failed error={rules.error} onRetry={() => void rules.refetch()} />;
    if (rules.data === undefined) return <Loading what={t('wait.rules')} />;
    const touched = rules.data.filter(({ jobs }) => jobs.length > 0);
    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => correct.mutate(values))}>
            <p className="text-ink-soft">{t('rule.about')}</p>
            {touched.length === 0 && <p role="status">{t('rule.none')}</p>}
            <ul tabIndex={0} className="max-h-48 overflow-auto" aria-label={t('rule.touched')}>
                {touched.map(({ criterion, outOf, jobs }) => (
                    <li key={criterion} className="border-b border-rule py-1">
                        <strong>{t(`criterion.${criterion}`)}</strong>{' '}
                        {jobs
                            .map((job) => `${job.apprentice} ${written(job.points)} / ${written(outOf)}`)
                            .join(', ')}
                    </li>
                ))}
            </ul>
            <SelectField
                label={t('rule.rule')}
                options={[
                    { value: '', label: t('rule.choose') },
                    ...touched.map(({ criterion, outOf }) => ({
                        value: criterion,
                        label: t('rule.out-of', { rule: t(`criterion.${criterion}`), points: outOf }),
                    })),
                ]}
                {...form.field('criterion')}
            />
            <TextField label={t('rule.points')} inputMode="decimal" {...form.field('points')} />
            <TextField label={t('lesson.reason')} hint={t('rule.reason-hint')} {...form.field('reason')} />
            {correct.isError && <p role="alert">{correct.error.message}</p>}
            {correct.data !== undefined && (
                <p role="status">✓ {t('rule.raised', { count: correct.data.raised })}</p>
            )}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={correct.isPending || touched.length === 0}>
                    {t('rule.raise')}
                </Button>
                <Button onClick={onClose}>{t('app.close')}</Button>
            </div>
        </form>
    );
}
