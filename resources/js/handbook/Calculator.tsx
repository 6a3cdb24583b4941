import { useMutation } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { api, taken } from '../api/client';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { typedNumber } from '../words/number';
import { t } from '../words/words';
import { digits, number } from '../words/reader';

interface Kind {
    what: 'tyre' | 'speed' | 'copper' | 'slip';
    /** Fields with what stands in them at first. */
    fields: Record<string, string>;
}

export const CALCULATORS: Kind[] = [
    { what: 'tyre', fields: { size: '195/55 R15', rollingFactor: '0.967' } },
    { what: 'speed', fields: { size: '195/55 R15', rollingFactor: '0.967', teeth: '46', hertz: '100' } },
    { what: 'copper', fields: { ohmsAt20Celsius: '1340', celsius: '60' } },
    { what: 'slip', fields: { vehicleKilometresPerHour: '50', wheelKilometresPerHour: '45' } },
];

const texts = z.record(z.string(), z.string());

/** What stands in the fields at first, its numbers as the reader writes them. */
function localised(fields: Record<string, string>): Record<string, string> {
    return Object.fromEntries(
        Object.entries(fields).map(([field, text]) => {
            const value = typedNumber(text);
            return [field, value === null ? text : number(value)];
        }),
    );
}

/** One calculator: its fields, its formula, its result. The computing is done where the bay's is. */
export function Calculator({ calculator: { what, fields } }: { calculator: Kind }) {
    const form = useCheckedForm(texts, localised(fields));
    const work = useMutation({
        mutationFn: (values: Record<string, string>) =>
            taken(api.POST('/api/calculations', { body: { what, ...sent(values) } })),
        onError: form.refused,
    });

    return (
        <form
            aria-label={t(`calculator.${what}`)}
            className="rounded-part border border-floor-deep bg-bench p-3"
            onSubmit={form.sending((values) => work.mutate(values))}
        >
            <h3>{t(`calculator.${what}`)}</h3>
            <p className="mb-2 text-small text-ink-soft">{t(`formula.${what}`)}</p>
            <div className="grid grid-cols-2 gap-2">
                {Object.keys(fields).map((field) => (
                    <TextField key={field} label={t(`calculator.${field}`)} {...form.field(field)} />
                ))}
            </div>
            <div className="mt-2 flex items-center justify-between gap-3">
                <Button type="submit" disabled={work.isPending}>
                    {t('calculator.work-out')}
                </Button>
                <output className="tabular text-right">
                    {Object.entries(work.data ?? {}).map(([name, value]) => (
                        <span key={name} className="block">
                            {t(`calculator.${name}`, { value: digits(value, 5) })}
                        </span>
                    ))}
                </output>
            </div>
        </form>
    );
}

/** Texts as numbers where they are numbers; the server says what is wrong with the others. */
function sent(values: Record<string, string>): Record<string, string | number> {
    return Object.fromEntries(
        Object.entries(values).map(([field, text]) => {
            const value = field === 'size' ? null : typedNumber(text);
            return [field, value ?? text];
        }),
    );
}
