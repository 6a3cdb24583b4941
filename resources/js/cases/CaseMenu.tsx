import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { t } from '../words/words';
import { GoalsDialog } from './GoalsDialog';
import { ShareDialog } from './ShareDialog';

const ITEM = 'cursor-pointer px-3 py-1.5 outline-none data-highlighted:bg-petrol-tint';

interface Props {
    record: CaseRecord;
    onProblem: (problem: string) => void;
}

/** What else can be done with a case: copied, put away, thrown away while nobody has worked it. */
export function CaseMenu({ record, onProblem }: Props) {
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [asks, setAsks] = useState<'goals' | 'share' | 'delete' | null>(null);
    const path = { params: { path: { case: record.id } } };
    const settled = {
        onSuccess: () => queries.invalidateQueries({ queryKey: ['cases'] }),
        onError: (error: Error) => onProblem(error.message),
    };
    const copy = useMutation({
        mutationFn: () => taken(api.POST('/api/cases/{case}/copy', path)),
        ...settled,
        onSuccess: (made) => {
            void queries.invalidateQueries({ queryKey: ['cases'] });
            void navigate(`/cases/${made.id}`);
        },
    });
    const archive = useMutation({
        mutationFn: () =>
            taken(api.PATCH('/api/cases/{case}', { ...path, body: { archived: !record.archived } })),
        ...settled,
    });
    const remove = useMutation({
        mutationFn: () => taken(api.DELETE('/api/cases/{case}', path)),
        ...settled,
    });
    const wasWorked = record.assignments.some(({ attempts }) => attempts > 0);

    return (
        <>
            <DropdownMenu.Root modal={false}>
                <DropdownMenu.Trigger
                    aria-label={t('cases.more-of', { name: record.document.name })}
                    className="rounded-edge border border-petrol px-2 text-small whitespace-nowrap text-petrol hover:bg-petrol-tint"
                >
                    {t('cases.more')} ▾
                </DropdownMenu.Trigger>
                <DropdownMenu.Content align="end" className="z-10 border border-ink bg-paper py-1">
                    <DropdownMenu.Item className={ITEM} onSelect={() => setAsks('goals')}>
                        {t('cases.goals')}
                    </DropdownMenu.Item>
                    {record.isMine && (
                        <DropdownMenu.Item className={ITEM} onSelect={() => setAsks('share')}>
                            {t('cases.share')}
                        </DropdownMenu.Item>
                    )}
                    <DropdownMenu.Item className={ITEM} onSelect={() => copy.mutate()}>
                        {t('cases.copy')}
                    </DropdownMenu.Item>
                    <DropdownMenu.Item className={ITEM} onSelect={() => archive.mutate()}>
                        {t(record.archived ? 'cases.unarchive' : 'cases.archive')}
                    </DropdownMenu.Item>
                    {!wasWorked && record.isMine && (
                        <DropdownMenu.Item className={ITEM} onSelect={() => setAsks('delete')}>
                            {t('cases.delete')}
                        </DropdownMenu.Item>
                    )}
                </DropdownMenu.Content>
            </DropdownMenu.Root>
            <GoalsDialog record={record} open={asks === 'goals'} onClose={() => setAsks(null)} />
            <ShareDialog record={record} open={asks === 'share'} onClose={() => setAsks(null)} />
            <ConfirmDialog
                title={t('cases.delete')}
                open={asks === 'delete'}
                onClose={() => setAsks(null)}
                onConfirm={() => remove.mutate()}
            >
                {t('cases.delete-about')}
            </ConfirmDialog>
        </>
    );
}
