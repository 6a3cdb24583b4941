import type { ReactNode } from 'react';

/** A caution; a live one is read out when it appears. */
export function Caution({ live = false, children }: { live?: boolean; children: ReactNode }) {
    return (
        <div
            role={live ? 'status' : 'note'}
            className="my-2 flex gap-2 border border-amber bg-amber-tint px-2.5 py-1.5 text-ink"
        >
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
