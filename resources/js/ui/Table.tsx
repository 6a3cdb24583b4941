import type { ReactNode } from 'react';
import { useRowsAsBlocks } from './useRowsAsBlocks';

const CELL = 'border-b border-floor-deep px-3 py-2 font-normal';

interface Props {
    label: string;
    /** Their headings. */
    columns: string[];
    /** Rows of RowHeading and Cell. */
    children: ReactNode;
}

/** A table as high as there is room, which scrolls by keyboard too. */
export function Table({ label, columns, children }: Props) {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    return (
        <div
            ref={holder}
            className="rows-as-blocks min-h-0 overflow-auto"
            tabIndex={0}
            role="group"
            aria-label={label}
        >
            <table className="w-full border-collapse bg-bench text-left">
                <thead className="border-b border-ink">
                    <tr>
                        {columns.map((column) => (
                            <th key={column} scope="col" className="px-3 py-2 font-semibold">
                                {column}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>{children}</tbody>
            </table>
        </div>
    );
}

/** What the row is about. */
export function RowHeading({ children }: { children: ReactNode }) {
    return (
        <th scope="row" className={CELL}>
            {children}
        </th>
    );
}

export function Cell({ tabular = false, children }: { tabular?: boolean; children: ReactNode }) {
    return <td className={tabular ? `${CELL} tabular` : CELL}>{children}</td>;
}
