import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextArea } from '../ui/Field';
import { t } from '../words/words';
import { readLines, written, type GradeStep } from './gradeLines';

interface Props {
    open: boolean;
    onClose: () => void;
}

/** The school's table of grades, a line each. */
export function GradesDialog({ open, onClose }: Props) {
    return (
        <Dialog title={t('grades.title')} open={open} onClose={onClose}>
            <GradesForm onClose={onClose} />
        </Dialog>
    );
}

function GradesForm({ onClose }: { onClose: () => void }) {
    const grades = useQuery({
        queryKey: ['grades'],
        queryFn: () => taken(api.GET('/api/grades')),
        gcTime: 0,
    });
    if (grades.isError) return <Failed error={grades.error} onRetry={() => void grades.refetch()} />;
    if (grades.data === undefined) return <Loading what={t('wait.grades')} />;
    return <Lines steps={grades.data.steps} onClose={onClose} />;
}

function Lines({ steps, onClose }: { steps: GradeStep[]; onClose: () => void }) {
    const queries = useQueryClient();
    const [text, setText] = useState(written(steps));
    const [wrong, setWrong] = useState<string | undefined>();
    const keep = useMutation({
        mutationFn: (next: GradeStep[]) => taken(api.PUT('/api/grades', { body: { steps: next } })),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['marks'] });
            onClose();
        },
    });
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                const read = readLines(text);
                if (typeof read === 'number') setWrong(t('grades.line-wrong', { line: read }));
                else keep.mutate(read);
            }}
        >
            <p className="text-ink-soft">{t('grades.about')}</p>
            <TextArea
                label={t('grades.lines')}
                hint={t('grades.lines-hint')}
                rows={7}
                error={wrong ?? (keep.isError ? keep.error.message : undefined)}
                value={text}
                onChange={({ target }) => {
                    setText(target.value);
                    setWrong(undefined);
                    keep.reset();
                }}
            />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={keep.isPending}>
                    {t('grades.keep')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
