import type { ReactNode } from 'react';

export function Caution({ children }: { children: ReactNode }) {
    return (
        <div role="note" className="my-2 flex gap-2 border border-amber bg-amber-tint px-2.5 py-1.5 text-ink">
            <span
                aria-hidden
                className="mt-0.5 flex size-4 shrink-0 items-center justify-center bg-amber text-small font-bold"
            >
                !
            </span>
            <p className="text-small">{children}</p>
        </div>
    );
}
