import type { ReactNode } from 'react';

interface Props {
    isChosen: boolean;
    onChoose: () => void;
    children: ReactNode;
}

/** One of a list of large things to choose; the chosen one is marked by its edge and a tick. */
export function Pick({ isChosen, onChoose, children }: Props) {
    return (
        <button
            type="button"
            aria-pressed={isChosen}
            onClick={onChoose}
            className={`flex w-full items-baseline gap-3 rounded-part border bg-paper px-3 py-2 text-left ${isChosen ? 'border-petrol outline-2 -outline-offset-2 outline-petrol' : 'border-edge hover:bg-petrol-tint'}`}
        >
            <span aria-hidden className="w-4">
                {isChosen ? '✓' : ''}
            </span>
            <span className="min-w-0 flex-1">{children}</span>
        </button>
    );
}
