import type { RosterRead } from '../api/types';
import { Cell, RowHeading, Table } from '../ui/Table';
import { t } from '../words/words';

/** A roster as it was read, row by row, with what stands against each. */
export function RosterTable({ read, bad }: { read: RosterRead; bad: number }) {
    const between = { '\t': t('roster.tab'), ';': t('roster.semicolon'), ',': t('roster.comma') };
    return (
        <>
            <p role="status" className={bad > 0 ? 'font-semibold' : ''}>
                {bad > 0
                    ? t('roster.bad', { count: bad, rows: read.rows.length })
                    : t('roster.good', { count: read.rows.length })}
                {read.newGroups.length > 0 &&
                    ` ${t('roster.new-groups', { groups: read.newGroups.join(', ') })}`}
                <span className="ml-3 text-small font-normal text-ink-soft">
                    {t('roster.read-as', {
                        encoding: read.encoding,
                        between: between[read.delimiter as keyof typeof between] ?? read.delimiter,
                    })}
                </span>
            </p>
            <Table
                label={t('roster.title')}
                columns={['line', 'name', 'sign-in', 'group', 'taken'].map((one) =>
                    t(`roster.column.${one}`),
                )}
            >
                {read.rows.map((row) => (
                    <tr key={row.line} className={row.problem === null ? '' : 'bg-floor'}>
                        <Cell tabular>{row.line}</Cell>
                        <RowHeading>{row.name}</RowHeading>
                        <Cell>{row.signIn}</Cell>
                        <Cell>
                            {row.group || <span className="text-ink-soft">{t('roster.left-open')}</span>}
                        </Cell>
                        <Cell>
                            {row.problem === null ? (
                                `✓ ${t('roster.can-be')}`
                            ) : (
                                <strong>✕ {row.problem}</strong>
                            )}
                        </Cell>
                    </tr>
                ))}
            </Table>
        </>
    );
}
