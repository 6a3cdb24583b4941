import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { Door, Group } from '../api/types';
import { useAddress } from '../app/session';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField } from '../ui/Field';
import { day } from '../words/reader';
import { t } from '../words/words';
import { GroupSelect } from './GroupSelect';
import { WaitingList } from './WaitingList';

/** A class comes in while one looks on. */
const LOOKED_AT_EVERY_MS = 2000;

const MINUTES = [60, 480, 10080];

/** The code by which a class comes in, large enough to be read from its seats, and who waits at the door. */
export function JoinDoor({ groups }: { groups: Group[] }) {
    const [open, setOpen] = useState(false);
    return (
        <>
            <button
                type="button"
                className="py-1 whitespace-nowrap text-petrol underline"
                onClick={() => setOpen(true)}
            >
                {t('join.open')}
            </button>
            <Dialog title={t('join.title')} open={open} onClose={() => setOpen(false)} wide>
                <DoorSheet groups={groups} />
            </Dialog>
        </>
    );
}

function DoorSheet({ groups }: { groups: Group[] }) {
    const queries = useQueryClient();
    const address = useAddress();
    const [chosen, setChosen] = useState(groups.length === 1 ? String(groups[0]!.id) : '');
    const [minutes, setMinutes] = useState(MINUTES[0]!);
    const group = groups.find(({ id }) => String(id) === chosen);
    const path = { params: { path: { group: group?.id ?? 0 } } };
    const key = ['door', group?.id];
    const door = useQuery({
        queryKey: key,
        queryFn: () => taken(api.GET('/api/groups/{group}/door', path)),
        enabled: group !== undefined,
        refetchInterval: LOOKED_AT_EVERY_MS,
    });
    const change = useMutation({
        mutationFn: (opens: boolean) =>
            opens
                ? taken(api.PUT('/api/groups/{group}/door', { ...path, body: { minutes } }))
                : taken(api.DELETE('/api/groups/{group}/door', path)),
        onSuccess: (after: Door) => queries.setQueryData(key, after),
    });
    const error = change.error ?? door.error;

    return (
        <div className="flex flex-col gap-3">
            <p>{t('join.about')}</p>
            {groups.length > 1 && (
                <GroupSelect label={t('people.group')} groups={groups} value={chosen} onChoose={setChosen} />
            )}
            {door.data != null && (
                <>
                    {door.data.code === null ? (
                        <p role="status">{t('join.none')}</p>
                    ) : (
                        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 border border-ink px-4 py-3">
                            <dt className="text-ink-soft">{t('join.address')}</dt>
                            <dd className="font-mono text-title break-all">{address}/join</dd>
                            <dt className="text-ink-soft">{t('join.code')}</dt>
                            <dd className="font-mono text-display">{door.data.code}</dd>
                            <dt />
                            <dd className="text-small text-ink-soft">
                                {t('join.until', { when: day(door.data.endsAt ?? '') })}
                            </dd>
                        </dl>
                    )}
                    <div className="flex items-end gap-3">
                        <div className="w-40">
                            <SelectField
                                label={t('join.how-long-question')}
                                value={String(minutes)}
                                onChange={({ target }) => setMinutes(Number(target.value))}
                                options={MINUTES.map((one) => ({
                                    value: String(one),
                                    label: t(`join.minutes.${one}`),
                                }))}
                            />
                        </div>
                        <Button
                            kind={door.data.code === null ? 'main' : undefined}
                            disabled={change.isPending}
                            onClick={() => change.mutate(true)}
                        >
                            {t(door.data.code === null ? 'join.make' : 'join.another')}
                        </Button>
                        {door.data.code !== null && (
                            <Button disabled={change.isPending} onClick={() => change.mutate(false)}>
                                {t('join.close')}
                            </Button>
                        )}
                    </div>
                    <WaitingList
                        waiting={door.data.waiting}
                        onDecided={(after) => queries.setQueryData(key, after)}
                    />
                </>
            )}
            {error !== null && <p role="alert">{error.message}</p>}
        </div>
    );
}
