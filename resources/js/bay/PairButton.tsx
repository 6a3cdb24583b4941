import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { News } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';

/** In practice somebody who has been given the same may be asked to work along. */
export function PairButton({ attempt, news }: { attempt: number; news: News | undefined }) {
    const [open, setOpen] = useState(false);
    if (news === undefined || news.pair !== null) return null;
    return (
        <>
            <button type="button" onClick={() => setOpen(true)} className="shrink-0 text-petrol underline">
                {t('pair.button')}
            </button>
            <Dialog title={t('pair.title')} open={open} onClose={() => setOpen(false)}>
                <AskForm attempt={attempt} onDone={() => setOpen(false)} />
            </Dialog>
        </>
    );
}

function AskForm({ attempt, onDone }: { attempt: number; onDone: () => void }) {
    const queries = useQueryClient();
    const path = { params: { path: { attempt } } };
    const others = useQuery({
        queryKey: ['partners', attempt],
        queryFn: () => taken(api.GET('/api/attempts/{attempt}/pair', path)),
    });
    const [partner, setPartner] = useState('');
    const ask = useMutation({
        mutationFn: () =>
            taken(api.PUT('/api/attempts/{attempt}/pair', { ...path, body: { partner: Number(partner) } })),
        onSuccess: (after) => {
            queries.setQueryData<News>(['news', attempt], after);
            onDone();
        },
    });
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                ask.mutate();
            }}
        >
            <p>{t('pair.about')}</p>
            {others.data?.length === 0 && <p>{t('pair.nobody')}</p>}
            <SelectField
                label={t('pair.partner')}
                value={partner}
                options={[
                    { value: '', label: '–' },
                    ...(others.data ?? []).map(({ id, name }) => ({ value: String(id), label: name })),
                ]}
                error={ask.error?.message ?? others.error?.message}
                onChange={({ target }) => setPartner(target.value)}
            />
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={partner === '' || ask.isPending}>
                    {t('pair.ask')}
                </Button>
                <Button onClick={onDone}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
