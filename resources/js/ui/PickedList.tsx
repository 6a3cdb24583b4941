import { useId } from 'react';
import { t } from '../words/words';

interface Props<T extends string> {
    legend: string;
    hint?: string;
    /** What the list for adding says first. */
    add: string;
    all: readonly T[];
    picked: T[];
    word: (one: T) => string;
    onChange: (picked: T[]) => void;
}

/** A few out of many: those picked stand below each other, the others wait in a list. */
export function PickedList<T extends string>({ legend, hint, add, all, picked, word, onChange }: Props<T>) {
    const id = useId();
    return (
        <fieldset className="relative">
            <legend className="text-small text-ink-soft">{legend}</legend>
            {picked.map((one) => (
                <div key={one} className="flex items-baseline justify-between gap-2 py-0.5 text-small">
                    <span>{word(one)}</span>
                    <button
                        type="button"
                        className="text-petrol underline"
                        aria-label={t('bench.no-longer', { what: word(one) })}
                        onClick={() => onChange(picked.filter((other) => other !== one))}
                    >
                        {t('bench.take-off')}
                    </button>
                </div>
            ))}
            <label htmlFor={id} className="sr-only">
                {add}
            </label>
            <select
                id={id}
                className="w-full rounded-edge border border-edge bg-paper px-1 py-0.5 text-small"
                value=""
                onChange={({ target }) => onChange([...picked, target.value as T])}
            >
                <option value="">{add}</option>
                {all
                    .filter((one) => !picked.includes(one))
                    .map((one) => (
                        <option key={one} value={one}>
                            {word(one)}
                        </option>
                    ))}
            </select>
            {hint !== undefined && <p className="text-small text-ink-soft">{hint}</p>}
        </fieldset>
    );
}
