import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { CaseRecord } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { AnyOf } from '../ui/AnyOf';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

interface Props {
    record: CaseRecord;
    open: boolean;
    onClose: () => void;
}

/** To which other instructors a case belongs as well. */
export function ShareDialog({ record, open, onClose }: Props) {
    return (
        <Dialog title={`${t('cases.share')}: ${record.document.name}`} open={open} onClose={onClose}>
            <ShareForm record={record} onClose={onClose} />
        </Dialog>
    );
}

function ShareForm({ record, onClose }: Omit<Props, 'open'>) {
    const queries = useQueryClient();
    const path = { params: { path: { case: record.id } } };
    const shares = useQuery({
        queryKey: ['shares', record.id],
        queryFn: () => taken(api.GET('/api/cases/{case}/shares', path)),
        gcTime: 0,
    });
    const [picked, setPicked] = useState<number[] | null>(null);
    const chosen = picked ?? shares.data?.filter(({ has }) => has).map(({ id }) => id) ?? [];
    const keep = useMutation({
        mutationFn: () =>
            taken(api.PUT('/api/cases/{case}/shares', { ...path, body: { instructors: chosen } })),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['cases'] });
            onClose();
        },
    });
    if (shares.isError) return <Failed error={shares.error} onRetry={() => void shares.refetch()} />;
    if (shares.data === undefined) return <Loading what={t('wait.shares')} />;
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <p className="text-ink-soft">{t('cases.share-about')}</p>
            {shares.data.length === 0 ? (
                <p role="status">{t('cases.share-nobody')}</p>
            ) : (
                <AnyOf
                    question={t('cases.share-with')}
                    options={shares.data.map(({ id, name }) => ({ value: id, label: name }))}
                    chosen={chosen}
                    onChoose={setPicked}
                />
            )}
            {keep.isError && <p role="alert">{keep.error.message}</p>}
            <div className="flex gap-3">
                {shares.data.length > 0 && (
                    <Button kind="main" type="submit" disabled={keep.isPending}>
                        {t('cases.keep-shares')}
                    </Button>
                )}
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
