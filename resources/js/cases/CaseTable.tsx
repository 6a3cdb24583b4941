import { Link } from 'react-router';
import type { CaseRecord } from '../api/types';
import { Cell, RowHeading, Table } from '../ui/Table';
import { day } from '../words/reader';
import { t } from '../words/words';
import { CaseMenu } from './CaseMenu';

interface Props {
    cases: CaseRecord[];
    onProblem: (problem: string) => void;
}

const COLUMNS = ['name', 'job', 'fault', 'goal', 'changed', 'published', 'attempts', 'more'];

export function CaseTable({ cases, onProblem }: Props) {
    return (
        <Table label={t('cases.title')} columns={COLUMNS.map((column) => t(`cases.${column}`))}>
            {cases.map((one) => (
                <CaseRow key={one.id} record={one} onProblem={onProblem} />
            ))}
        </Table>
    );
}

function CaseRow({ record, onProblem }: { record: CaseRecord; onProblem: (problem: string) => void }) {
    const latest = record.versions[record.versions.length - 1];
    const started = record.assignments.reduce((sum, one) => sum + one.attempts, 0);
    const concluded = record.assignments.reduce((sum, one) => sum + one.concluded, 0);
    return (
        <tr className="align-top">
            <RowHeading>
                <Link to={`/cases/${record.id}`} className="font-semibold text-petrol underline">
                    {record.document.name}
                </Link>
                {!record.isMine && (
                    <span className="block text-small font-normal text-ink-soft">
                        {t('cases.made-by', { name: record.madeBy })}
                    </span>
                )}
                {record.isMine && record.sharedWith.length > 0 && (
                    <span className="block text-small font-normal text-ink-soft">
                        {t('cases.shared-with', { names: record.sharedWith.join(', ') })}
                    </span>
                )}
            </RowHeading>
            <Cell>{record.document.jobTitle}</Cell>
            <Cell>
                {record.document.faults.length === 0 && t('bench.nothing-wrong')}
                {record.document.faults.map((fault) => (
                    <div key={`${fault.kind}${fault.channel}`}>
                        {t(`fault.${fault.kind}`)}, {t(`place.${fault.channel}`)}
                    </div>
                ))}
            </Cell>
            <Cell>
                {[
                    ...record.goals,
                    ...(record.difficulty === '' ? [] : [t(`difficulty.${record.difficulty}`)]),
                ].join(', ') || '–'}
            </Cell>
            <Cell tabular>
                <span className="whitespace-nowrap">{day(record.updatedAt)}</span>
            </Cell>
            <Cell>
                {latest === undefined ? t('cases.never') : t('cases.version', { number: latest.number })}
            </Cell>
            <Cell>
                {latest === undefined ? (
                    '–'
                ) : (
                    <Link to={`/cases/${record.id}/attempts`} className="text-petrol underline">
                        {started === 0
                            ? t('cases.nobody-yet')
                            : t('cases.worked', { concluded, open: started - concluded })}
                    </Link>
                )}
            </Cell>
            <Cell>
                <CaseMenu record={record} onProblem={onProblem} />
            </Cell>
        </tr>
    );
}
