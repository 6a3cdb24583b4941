import type { PersonRow } from '../api/types';
import { CELL, HEAD } from '../house/table';
import { Button } from '../ui/Button';
import { day } from '../words/reader';
import { t } from '../words/words';

interface Props {
    rows: PersonRow[];
    /** An instructor's are all apprentices of one class. */
    ofTheHouse: boolean;
    busy: boolean;
    onReset: (person: PersonRow) => void;
}

export function PeopleTable({ rows, ofTheHouse, busy, onReset }: Props) {
    return (
        <div className="max-h-[90%] overflow-auto" tabIndex={0} role="group" aria-label={t('people.title')}>
            <table className="w-full border-collapse bg-bench text-left">
                <thead className="border-b border-ink">
                    <tr>
                        {[
                            'name',
                            'sign-in',
                            ...(ofTheHouse ? ['role', 'group'] : []),
                            'seen',
                            'password',
                        ].map((column) => (
                            <th key={column} scope="col" className={HEAD}>
                                {t(`people.${column}`)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.id}>
                            <th scope="row" className={CELL}>
                                {row.name}
                            </th>
                            <td className={CELL}>{row.signIn}</td>
                            {ofTheHouse && (
                                <>
                                    <td className={CELL}>{t(`people.role.${row.role}`)}</td>
                                    <td className={CELL}>{row.group}</td>
                                </>
                            )}
                            <td className={`${CELL} tabular`}>
                                {row.seenAt === null ? t('people.never') : day(row.seenAt)}
                            </td>
                            <td className={CELL}>
                                <span className="flex items-center gap-3">
                                    {row.mayBeReset && (
                                        <Button
                                            disabled={busy}
                                            onClick={() => onReset(row)}
                                            aria-label={t('people.reset-of', { name: row.name })}
                                        >
                                            {t('people.reset')}
                                        </Button>
                                    )}
                                    {row.choosesPassword && <span>◔ {t('people.for-once')}</span>}
                                </span>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
