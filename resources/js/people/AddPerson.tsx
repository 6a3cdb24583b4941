import { useMutation } from '@tanstack/react-query';
import { z } from 'zod';
import { api, taken } from '../api/client';
import type { PasswordForOnce } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';

const given = z.object({ name: z.string(), signIn: z.string(), role: z.enum(['apprentice', 'instructor']) });

interface Props {
    open: boolean;
    /** An instructor adds apprentices only. */
    offersRole: boolean;
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

function AddForm({ offersRole, onClose, onAdded }: Omit<Props, 'open'>) {
    const form = useCheckedForm(given, { name: '', signIn: '', role: 'apprentice' });
    const add = useMutation({
        mutationFn: (body: z.output<typeof given>) => taken(api.POST('/api/people', { body })),
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
