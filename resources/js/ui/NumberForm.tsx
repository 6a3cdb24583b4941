import type { ReactNode } from 'react';
import * as z from 'zod/mini';
import { TextField } from './Field';
import { typed, useCheckedForm } from './useCheckedForm';

interface Setting {
    /** Name of the setting in the action, beside which the server's message belongs. */
    field: string;
    label: string;
    start: string;
}

interface Props<Settings extends Setting[]> {
    name?: string;
    settings: [...Settings];
    /** In the order of the settings. */
    onNumbers: (
        values: { [Place in keyof Settings]: number },
        onFields: (messages: Record<string, string>) => void,
    ) => void;
    children: ReactNode;
}

/** The numbers that go with an action, and what is wrong with each beside it. */
export function NumberForm<Settings extends Setting[]>({
    name,
    settings,
    onNumbers,
    children,
}: Props<Settings>) {
    const form = useCheckedForm(
        z.object(Object.fromEntries(settings.map(({ field }) => [field, typed()]))),
        Object.fromEntries(settings.map(({ field, start }) => [field, start])),
    );
    return (
        <form
            aria-label={name}
            className="flex items-end gap-2"
            onSubmit={form.sending((values) =>
                onNumbers(
                    settings.map(({ field }) => values[field]) as { [Place in keyof Settings]: number },
                    form.refuse,
                ),
            )}
        >
            {settings.map(({ field, label }) => (
                <TextField key={field} onSlate label={label} inputMode="decimal" {...form.field(field)} />
            ))}
            {children}
        </form>
    );
}
