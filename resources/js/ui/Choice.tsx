import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface Option<T extends string> {
    value: T;
    label: string;
    /** After the label. */
    mark?: ReactNode;
    disabled?: boolean;
}

interface Props<T extends string> {
    label: string;
    options: Option<T>[];
    value: T;
    onChoose: (value: T) => void;
    onSlate?: boolean;
    className?: string;
}

/** One out of a few, side by side. Arrows move the focus; what is in focus is chosen by Enter or the space bar, never by the way. */
export function Choice<T extends string>({
    label,
    options,
    value,
    onChoose,
    onSlate = false,
    className = '',
}: Props<T>) {
    const rest = onSlate
        ? 'border-slate-edge bg-slate-raised text-slate-text'
        : 'border-edge bg-paper text-ink';
    const chosen = onSlate
        ? 'data-[state=on]:border-reading data-[state=on]:bg-reading data-[state=on]:text-ink'
        : 'data-[state=on]:border-petrol data-[state=on]:bg-petrol data-[state=on]:text-on-ink';
    return (
        <ToggleGroup.Root
            aria-label={label}
            type="single"
            orientation="horizontal"
            value={value}
            onValueChange={(next) => next !== '' && onChoose(next as T)}
            className={`flex flex-wrap gap-1.5 ${className}`}
        >
            {options.map((option) => (
                <ToggleGroup.Item
                    key={option.value}
                    value={option.value}
                    disabled={option.disabled}
                    className={`flex-auto rounded-edge border px-2 py-1 whitespace-nowrap data-[state=on]:font-semibold disabled:opacity-50 ${rest} ${chosen}`}
                >
                    {option.label}
                    {option.mark}
                </ToggleGroup.Item>
            ))}
        </ToggleGroup.Root>
    );
}
