import {
    useId,
    type InputHTMLAttributes,
    type ReactNode,
    type SelectHTMLAttributes,
    type TextareaHTMLAttributes,
} from 'react';

interface Common {
    label: string;
    hint?: string;
    error?: string;
    onSlate?: boolean;
}

function edge(error: string | undefined, onSlate: boolean): string {
    const usual = onSlate
        ? 'border-slate-edge bg-slate-raised text-slate-text'
        : 'border-edge bg-paper text-ink';
    const wrong = onSlate
        ? 'border-2 border-reading bg-slate-raised text-slate-text'
        : 'border-2 border-ink bg-paper text-ink';
    return `w-full rounded-edge border px-2 py-1 ${error === undefined ? usual : wrong}`;
}

function Frame({
    id,
    label,
    hint,
    error,
    onSlate = false,
    children,
}: Common & { id: string; children: ReactNode }) {
    const soft = onSlate ? 'text-slate-soft' : 'text-ink-soft';
    return (
        <div className="min-w-0">
            <label htmlFor={id} className={`block text-small ${soft}`}>
                {label}
            </label>
            {children}
            {hint !== undefined && error === undefined && (
                <p id={`${id}-hint`} className={`text-small ${soft}`}>
                    {hint}
                </p>
            )}
            {error !== undefined && (
                <p id={`${id}-error`} role="alert" className="text-small font-semibold">
                    {error}
                </p>
            )}
        </div>
    );
}

function described(id: string, { hint, error }: Common) {
    if (error !== undefined) return { 'aria-invalid': true, 'aria-describedby': `${id}-error` };
    return hint === undefined ? {} : { 'aria-describedby': `${id}-hint` };
}

export function TextField({
    label,
    hint,
    error,
    onSlate,
    ...rest
}: Common & InputHTMLAttributes<HTMLInputElement>) {
    const id = useId();
    return (
        <Frame {...{ id, label, hint, error, onSlate }}>
            <input
                id={id}
                {...rest}
                {...described(id, { label, hint, error })}
                className={edge(error, onSlate ?? false)}
            />
        </Frame>
    );
}

export function TextArea({
    label,
    hint,
    error,
    onSlate,
    ...rest
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
    const id = useId();
    return (
        <Frame {...{ id, label, hint, error, onSlate }}>
            <textarea
                id={id}
                {...rest}
                {...described(id, { label, hint, error })}
                className={edge(error, onSlate ?? false)}
            />
        </Frame>
    );
}

export function SelectField({
    label,
    hint,
    error,
    onSlate,
    options,
    ...rest
}: Common & SelectHTMLAttributes<HTMLSelectElement> & { options: { value: string; label: string }[] }) {
    const id = useId();
    return (
        <Frame {...{ id, label, hint, error, onSlate }}>
            <select
                id={id}
                {...rest}
                {...described(id, { label, hint, error })}
                className={edge(error, onSlate ?? false)}
            >
                {options.map((option) => (
                    <option key={option.value} value={option.value}>
                        {option.label}
                    </option>
                ))}
            </select>
        </Frame>
    );
}
