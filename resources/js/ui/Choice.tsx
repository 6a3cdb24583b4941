import { RadioGroup } from 'radix-ui';

interface Option<T extends string> {
    value: T;
    label: string;
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

/** One out of a few, side by side. */
export function Choice<T extends string>({
    label,
    options,
    value,
    onChoose,
    onSlate = false,
    className = '',
}: Props<T>) {
    const rest = onSlate
        ? 'border-slate-line bg-slate-raised text-slate-text'
        : 'border-floor-deep bg-paper text-ink';
    const chosen = onSlate
        ? 'data-[state=checked]:border-reading data-[state=checked]:bg-reading data-[state=checked]:text-ink'
        : 'data-[state=checked]:border-petrol data-[state=checked]:bg-petrol data-[state=checked]:text-marking';
    return (
        <RadioGroup.Root
            aria-label={label}
            orientation="horizontal"
            value={value}
            onValueChange={(next) => onChoose(next as T)}
            className={`flex flex-wrap gap-1.5 ${className}`}
        >
            {options.map((option) => (
                <RadioGroup.Item
                    key={option.value}
                    value={option.value}
                    disabled={option.disabled}
                    className={`flex-auto rounded-edge border px-2 py-1 whitespace-nowrap data-[state=checked]:font-semibold disabled:opacity-50 ${rest} ${chosen}`}
                >
                    {option.label}
                </RadioGroup.Item>
            ))}
        </RadioGroup.Root>
    );
}
