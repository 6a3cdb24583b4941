import { useMutation, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import type { Group } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const named = z.object({ name: z.string() });

interface Props {
    groups: Group[];
    open: boolean;
    onClose: () => void;
}

/** The groups one answers for: their names, and one more. */
export function GroupsDialog({ groups, open, onClose }: Props) {
    return (
        <Dialog title={t('groups.title')} open={open} onClose={onClose}>
            <ul className="mb-4 flex flex-col gap-3">
                {groups.map((group) => (
                    <li key={group.id} className="border-b border-floor-deep pb-3">
                        <GroupName group={group} />
                        <p className="mt-1 text-small text-ink-soft">
                            {t('groups.who', {
                                count: group.apprentices,
                                instructors: group.instructors.join(', ') || t('groups.nobody'),
                            })}
                        </p>
                    </li>
                ))}
            </ul>
            <GroupName group={null} />
        </Dialog>
    );
}

/** Renames one, or makes one. */
function GroupName({ group }: { group: Group | null }) {
    const queries = useQueryClient();
    const form = useCheckedForm(named, { name: group?.name ?? '' });
    const keep = useMutation({
        mutationFn: (body: z.output<typeof named>) =>
            group === null
                ? taken(api.POST('/api/groups', { body }))
                : taken(api.PUT('/api/groups/{group}', { params: { path: { group: group.id } }, body })),
        onSuccess: () => {
            if (group === null) form.reset();
            else form.reset({ name: form.getValues('name') });
            void queries.invalidateQueries({ queryKey: ['groups'] });
            void queries.invalidateQueries({ queryKey: ['people'] });
        },
        onError: form.refused,
    });

    return (
        <form className="flex items-end gap-3" onSubmit={form.sending((values) => keep.mutate(values))}>
            <div className="flex-1">
                <TextField
                    label={t(group === null ? 'groups.new' : 'groups.name')}
                    autoComplete="off"
                    {...form.field('name')}
                />
            </div>
            <Button
                type="submit"
                kind={group === null ? 'main' : undefined}
                disabled={keep.isPending || !form.formState.isDirty}
            >
                {t(group === null ? 'groups.make' : 'groups.rename')}
            </Button>
        </form>
    );
}
