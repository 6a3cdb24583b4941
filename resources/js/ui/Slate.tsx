import type { ReactNode } from 'react';

/** Dark slate: the machine speaking. */
export function Slate({
    label,
    tour,
    children,
    className = '',
}: {
    label: string;
    /** By which the way through the bay finds it. */
    tour?: string;
    children: ReactNode;
    className?: string;
}) {
    return (
        <section
            aria-label={label}
            data-tour={tour}
            className={`on-slate flex min-h-0 flex-col rounded-part bg-slate text-slate-text ${className}`}
        >
            {children}
        </section>
    );
}
