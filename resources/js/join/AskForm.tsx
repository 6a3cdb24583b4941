import { useMutation } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { SelectField, TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';
import type { Class } from './JoinPage';

const given = z.object({ password: z.string(), person: z.string(), name: z.string(), signIn: z.string() });

/** Who one is: somebody on the list, or somebody new; and a password of one's own. */
export function AskForm({ found, onAsked }: { found: Class; onAsked: (token: string) => void }) {
    const form = useCheckedForm(given, {
        password: '',
        person: String(found.listed[0]?.id ?? ''),
        name: '',
        signIn: '',
    });
    const isNew = form.watch('person') === '';
    const ask = useMutation({
        mutationFn: ({ person, name, signIn, password }: z.output<typeof given>) =>
            taken(
                api.POST('/api/join', {
                    body: {
                        code: found.code,
                        password,
                        ...(person === '' ? { name, signIn } : { person: Number(person) }),
                    },
                }),
            ),
        onSuccess: ({ token }) => onAsked(token),
        onError: form.refused,
    });
    return (
        <form className="flex flex-col gap-3" onSubmit={form.sending((values) => ask.mutate(values))}>
            {found.listed.length > 0 && (
                <SelectField
                    label={t('join.who')}
                    options={[
                        ...found.listed.map(({ id, name }) => ({ value: String(id), label: name })),
                        { value: '', label: t('join.not-on-list') },
                    ]}
                    {...form.field('person')}
                />
            )}
            {isNew && (
                <>
                    <TextField label={t('people.name')} autoComplete="name" {...form.field('name')} />
                    <TextField
                        label={t('people.sign-in')}
                        hint={t('people.sign-in-hint')}
                        autoComplete="username"
                        autoCapitalize="none"
                        {...form.field('signIn')}
                    />
                </>
            )}
            <TextField
                label={t('join.choose-password')}
                hint={t('join.password-hint')}
                type="password"
                autoComplete="new-password"
                {...form.field('password')}
            />
            <Button type="submit" kind="main" disabled={ask.isPending}>
                {t('join.ask')}
            </Button>
        </form>
    );
}
