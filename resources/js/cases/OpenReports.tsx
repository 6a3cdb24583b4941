import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { AttemptRow } from '../api/types';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { Button } from '../ui/Button';
import { opensWhen } from '../words/release';
import { t } from '../words/words';

/** Until then the apprentices see that their job was received; the instructor reads every report. */
export function OpenReports({ id, rows }: { id: number; rows: AttemptRow[] }) {
    const queries = useQueryClient();
    const [asks, setAsks] = useState(false);
    const open = useMutation({
        mutationFn: () => taken(api.POST('/api/cases/{case}/release', { params: { path: { case: id } } })),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['attempts', id] }),
    });
    const closed = rows.find(({ release }) => !release.isOpen);
    if (closed === undefined) return null;

    return (
        <div className="mb-3 flex items-center gap-3 border border-floor-deep bg-bench px-3 py-2">
            <p className="grow">
                <span aria-hidden>◔ </span>
                {t('release.still-closed', { version: closed.version })} {opensWhen(closed.release)}
            </p>
            <Button disabled={open.isPending} onClick={() => setAsks(true)}>
                {t('release.open')}
            </Button>
            {open.isError && <p role="alert">{open.error.message}</p>}
            <ConfirmDialog
                title={t('release.open')}
                open={asks}
                onClose={() => setAsks(false)}
                onConfirm={() => open.mutate()}
            >
                {t('release.open-about')}
            </ConfirmDialog>
        </div>
    );
}
