import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { KeyCap } from './KeyCap';

type Kind = 'main' | 'line' | 'slate-main' | 'slate-line';

const LOOKS: Record<Kind, string> = {
    main: 'bg-petrol text-on-ink border-petrol hover:bg-ink',
    line: 'bg-transparent text-petrol border-petrol hover:bg-petrol-tint',
    'slate-main': 'bg-reading text-ink border-reading hover:bg-marking',
    'slate-line': 'bg-slate-raised text-slate-text border-slate-edge hover:border-slate-soft',
};

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
    kind?: Kind;
    shortcut?: string;
    note?: ReactNode;
    children: ReactNode;
}

export function Button({ kind = 'line', shortcut, note, children, className = '', ...rest }: Props) {
    return (
        <button
            type="button"
            {...rest}
            className={`flex items-center justify-between gap-3 rounded-edge border px-3 py-1.5 text-left font-semibold disabled:opacity-50 ${LOOKS[kind]} ${className}`}
        >
            <span>{children}</span>
            {(note !== undefined || shortcut !== undefined) && (
                <span className="flex shrink-0 items-center gap-2 font-normal">
                    {note !== undefined && <span className="tabular text-small">{note}</span>}
                    {shortcut !== undefined && <KeyCap>{shortcut}</KeyCap>}
                </span>
            )}
        </button>
    );
}
