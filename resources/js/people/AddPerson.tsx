import { useMutation } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import type { Group, PasswordForOnce } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const given = z.object({
    name: z.string(),
    signIn: z.string(),
    role: z.enum(['apprentice', 'instructor']),
    groups: z.string(),
});

interface Props {
    open: boolean;
    /** An instructor adds apprentices only. */
    offersRole: boolean;
    groups: Group[];
    onClose: () => void;
    onAdded: (given: PasswordForOnce) => void;
}

export function AddPerson({ open, ...rest }: Props) {
    return (
        <Dialog title={t('people.add')} open={open} onClose={rest.onClose}>
            <AddForm {...rest} />
        </Dialog>
    );
}

function AddForm({ offersRole, groups, onClose, onAdded }: Omit<Props, 'open'>) {
    const only = groups.length === 1 ? String(groups[0]!.id) : '';
    const form = useCheckedForm(given, { name: '', signIn: '', role: 'apprentice', groups: only });
    const add = useMutation({
        mutationFn: ({ groups: group, ...body }: z.output<typeof given>) =>
            taken(
                api.POST('/api/people', {
                    body: { ...body, ...(group !== '' && { groups: [Number(group)] }) },
                }),
            ),
        onSuccess: onAdded,
        onError: form.refused,
    });

    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => add.mutate(values))}>
            <TextField label={t('people.name')} autoComplete="off" autoFocus {...form.field('name')} />
            <TextField
                label={t('people.sign-in')}
                hint={t('people.sign-in-hint')}
                autoComplete="off"
                autoCapitalize="none"
                {...form.field('signIn')}
            />
            {offersRole && (
                <SelectField
                    label={t('people.role')}
                    options={(['apprentice', 'instructor'] as const).map((value) => ({
                        value,
                        label: t(`people.role.${value}`),
                    }))}
                    {...form.field('role')}
                />
            )}
            {groups.length !== 1 && (
                <SelectField
                    label={t('people.group')}
                    options={[
                        { value: '', label: t('people.choose-group') },
                        ...groups.map(({ id, name }) => ({ value: String(id), label: name })),
                    ]}
                    {...form.field('groups')}
                />
            )}
            <p className="text-small text-ink-soft">{t('people.add-about')}</p>
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={add.isPending}>
                    {t('people.add-it')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
