import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import { useGroups } from '../people/useGroups';
import { AnyOf } from '../ui/AnyOf';
import { Button } from '../ui/Button';
import { t } from '../words/words';

/** Groups and single apprentices; of one group only, that one. */
export function useRecipients() {
    const mine = useGroups().data;
    const [groups, setGroups] = useState<number[] | null>(null);
    const [people, setPeople] = useState<number[]>([]);
    const chosen = groups ?? (mine?.length === 1 ? [mine[0]!.id] : []);
    return {
        mine,
        groups: chosen,
        people,
        setGroups,
        setPeople,
        isEmpty: chosen.length + people.length === 0,
    };
}

/** To whom a case is given, and how many that are. */
export function ToWhom({ whom }: { whom: ReturnType<typeof useRecipients> }) {
    const [single, setSingle] = useState(false);
    const people = useQuery({
        queryKey: ['people'],
        queryFn: () => taken(api.GET('/api/people')),
        enabled: single,
    });
    const { mine = [], groups } = whom;
    const named = mine.filter(({ id }) => groups.includes(id));
    const apprentices = (people.data ?? []).filter(({ role }) => role === 'apprentice');

    return (
        <>
            {whom.mine?.length === 0 && <p role="status">{t('release.no-group')}</p>}
            {mine.length > 0 && (
                <AnyOf
                    question={t('release.to-whom')}
                    options={mine.map(({ id, name, apprentices: count }) => ({
                        value: id,
                        label: t('release.group', { group: name, count }),
                    }))}
                    chosen={groups}
                    onChoose={whom.setGroups}
                />
            )}
            {single ? (
                <AnyOf
                    question={t('release.singly')}
                    options={apprentices.map(({ id, name }) => ({ value: id, label: name }))}
                    chosen={whom.people}
                    onChoose={whom.setPeople}
                />
            ) : (
                mine.length > 0 && (
                    <div>
                        <Button
                            onClick={() => {
                                setSingle(true);
                                if (mine.length === 1) whom.setGroups([]);
                            }}
                        >
                            {t('release.choose-singly')}
                        </Button>
                    </div>
                )
            )}
            {!whom.isEmpty && (
                <p className="font-semibold" role="status">
                    {t('release.seen-by', {
                        who: [
                            ...named.map(({ name }) => name),
                            ...apprentices
                                .filter(({ id }) => whom.people.includes(id))
                                .map(({ name }) => name),
                        ].join(', '),
                    })}
                </p>
            )}
        </>
    );
}
