import type { ReactNode } from 'react';

/** Dark slate: the machine speaking. */
export function Slate({
    label,
    children,
    className = '',
}: {
    label: string;
    children: ReactNode;
    className?: string;
}) {
    return (
        <section
            aria-label={label}
            className={`on-slate flex min-h-0 flex-col rounded-part bg-slate text-slate-text ${className}`}
        >
            {children}
        </section>
    );
}
