import { zodResolver } from '@hookform/resolvers/zod';
import type { FormEvent } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Path } from 'react-hook-form';
import * as z from 'zod/mini';
import { Refused } from '../api/client';
import { typedNumber } from '../words/number';
import { t } from '../words/words';

/** A number as it is typed, with comma or point; what is none is said with this text. */
export function typed(message = 'write.number-missing', fits: (value: number) => boolean = () => true) {
    return z.pipe(
        z.string(),
        z.transform((text: string, check) => {
            const value = typedNumber(text);
            if (value !== null && fits(value)) return value;
            check.issues.push({ code: 'custom', message: t(message), input: text });
            return z.NEVER;
        }),
    );
}

/** A sentence of so many letters, blanks at its ends aside; what is none is said with this text. */
export function sentence(least: number, most: number, message: () => string) {
    return z.string().check(
        z.trim(),
        z.refine((text) => text.length >= least && text.length <= most, { error: message }),
    );
}

/** Above nothing. */
export const positive = (value: number) => value > 0;

/**
 * A form that is checked as a whole before it is sent, and that shows what the server objects to beside the same fields.
 * Objections to what is no field of it stand at the first.
 */
export function useCheckedForm<Typed extends FieldValues, Sent extends FieldValues>(
    schema: z.core.$ZodType<Sent, Typed>,
    start: NoInfer<DefaultValues<Typed> & Typed>,
) {
    const form = useForm<Typed, unknown, Sent>({ resolver: zodResolver(schema), defaultValues: start });
    const names = Object.keys(start) as Path<Typed>[];
    const refuse = (messages: Record<string, string>) =>
        Object.entries(messages).forEach(([name, message]) =>
            form.setError(names.find((one) => one === name) ?? names[0]!, { message }),
        );

    return {
        ...form,
        /** What a field of ui/Field takes. */
        field: (name: Path<Typed>) => ({
            ...form.register(name),
            error: form.getFieldState(name, form.formState).error?.message,
        }),
        refuse,
        /** What was not taken, beside its field. */
        refused: (error: unknown) =>
            refuse(
                error instanceof Refused && Object.keys(error.fields).length > 0
                    ? error.fields
                    : { '': error instanceof Error ? error.message : t('error.unexpected') },
            ),
        sending: (send: (values: Sent) => unknown) => (event: FormEvent) =>
            void form.handleSubmit(async (values) => void (await send(values)))(event),
    };
}
