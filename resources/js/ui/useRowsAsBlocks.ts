import { useEffect, useRef } from 'react';

/**
 * For what holds a table: where there is little room its rows are drawn as blocks (class rows-as-blocks), in which every cell
 * says the heading of its column.
 */
export function useRowsAsBlocks<E extends HTMLElement>() {
    const holder = useRef<E>(null);
    useEffect(() => {
        const headings = [...(holder.current?.querySelectorAll('thead tr:first-child > *') ?? [])];
        holder.current?.querySelectorAll<HTMLTableCellElement>('tbody td').forEach((cell) => {
            const heading = [...(headings[cell.cellIndex]?.childNodes ?? [])]
                .map(({ textContent }) => textContent?.trim())
                .join(' ');
            if (heading !== '') cell.dataset.column = heading;
        });
    });
    return holder;
}
