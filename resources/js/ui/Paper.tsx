import type { ReactNode } from 'react';

/** White ruled paper with a punched band: what a person writes and what is marked. */
export function Paper({
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
            className={`punched flex min-h-0 flex-col border border-rule bg-paper px-4 pt-4 pb-3 ${className}`}
        >
            {children}
        </section>
    );
}

export function PaperHeading({ children, hint }: { children: ReactNode; hint?: ReactNode }) {
    return (
        <div className="mb-1 flex items-baseline justify-between gap-2 border-b border-ink pb-1">
            <h2>{children}</h2>
            {hint !== undefined && <span className="text-small text-ink-soft">{hint}</span>}
        </div>
    );
}
