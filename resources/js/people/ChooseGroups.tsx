import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { Group, PersonRow } from '../api/types';
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
            <fieldset className="mb-3">
                <legend className="sr-only">{t('people.groups-of', { name: person.name })}</legend>
                {groups.map((group) => (
                    <label key={group.id} className="flex items-baseline gap-2 py-1">
                        <input
                            type="checkbox"
                            checked={chosen.includes(group.id)}
                            onChange={({ target }) =>
                                setChosen(
                                    target.checked
                                        ? [...chosen, group.id]
                                        : chosen.filter((one) => one !== group.id),
                                )
                            }
                        />
                        {group.name}
                    </label>
                ))}
            </fieldset>
            <p className="mb-3 text-small text-ink-soft">
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
