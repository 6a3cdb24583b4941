import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { Group, PersonRow } from '../api/types';
import { AnyOf } from '../ui/AnyOf';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { t } from '../words/words';

interface Props {
    person: PersonRow | null;
    groups: Group[];
    onClose: () => void;
}

/** In which groups somebody is. */
export function ChooseGroups({ person, groups, onClose }: Props) {
    return (
        <Dialog
            title={t('people.groups-of', { name: person?.name ?? '' })}
            open={person !== null}
            onClose={onClose}
        >
            {person !== null && <Choice person={person} groups={groups} onClose={onClose} />}
        </Dialog>
    );
}

function Choice({ person, groups, onClose }: Props & { person: PersonRow }) {
    const queries = useQueryClient();
    const [chosen, setChosen] = useState(person.groups.map((one) => one.id));
    const keep = useMutation({
        mutationFn: () =>
            taken(
                api.PUT('/api/people/{person}/groups', {
                    params: { path: { person: person.id } },
                    body: { groups: chosen },
                }),
            ),
        onSuccess: () => {
            void queries.invalidateQueries({ queryKey: ['people'] });
            void queries.invalidateQueries({ queryKey: ['groups'] });
            onClose();
        },
    });

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <AnyOf
                question={t('people.choose-groups')}
                options={groups.map(({ id, name }) => ({ value: id, label: name }))}
                chosen={chosen}
                onChoose={setChosen}
            />
            <p className="my-3 text-small text-ink-soft">
                {t(chosen.length === 0 ? 'people.in-none' : 'people.groups-about')}
            </p>
            {keep.isError && (
                <p role="alert" className="mb-3 font-semibold">
                    {keep.error.message}
                </p>
            )}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={keep.isPending}>
                    {t('people.keep-groups')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
