import type { PersonRow } from '../api/types';
import { ExtraTime } from './ExtraTime';
import { PicturesInWords } from './PicturesInWords';
import { Button } from '../ui/Button';
import { Cell, RowHeading, Table } from '../ui/Table';
import { day } from '../words/reader';
import { t } from '../words/words';

interface Props {
    rows: PersonRow[];
    /** An instructor's are all apprentices. */
    ofTheHouse: boolean;
    busy: boolean;
    onReset: (person: PersonRow) => void;
    onRegroup: (person: PersonRow) => void;
    onDelete: (person: PersonRow) => void;
}

export function PeopleTable({ rows, ofTheHouse, busy, onReset, onRegroup, onDelete }: Props) {
    return (
        <Table
            label={t('people.title')}
            columns={[
                'name',
                'sign-in',
                ...(ofTheHouse ? ['role'] : []),
                'groups',
                'extra-time',
                'described',
                'seen',
                'password',
            ].map((column) => t(`people.${column}`))}
        >
            {rows.map((row) => (
                <tr key={row.id}>
                    <RowHeading>{row.name}</RowHeading>
                    <Cell>{row.signIn}</Cell>
                    {ofTheHouse && <Cell>{t(`people.role.${row.role}`)}</Cell>}
                    <Cell>
                        <span className="flex items-center gap-3">
                            {row.groups.map((one) => one.name).join(', ')}
                            {row.mayBeReset && (
                                <Button
                                    onClick={() => onRegroup(row)}
                                    aria-label={t('people.change-groups-of', { name: row.name })}
                                >
                                    {t('people.change')}
                                </Button>
                            )}
                        </span>
                    </Cell>
                    <Cell>{row.role === 'apprentice' && <ExtraTime of={row} />}</Cell>
                    <Cell>{row.role === 'apprentice' && <PicturesInWords of={row} />}</Cell>
                    <Cell tabular>{row.seenAt === null ? t('people.never') : day(row.seenAt)}</Cell>
                    <Cell>
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
                            {row.mayBeDeleted && (
                                <Button
                                    disabled={busy}
                                    onClick={() => onDelete(row)}
                                    aria-label={t('people.delete-of', { name: row.name })}
                                >
                                    {t('people.delete')}
                                </Button>
                            )}
                            {row.choosesPassword && <span>◔ {t('people.for-once')}</span>}
                        </span>
                    </Cell>
                </tr>
            ))}
        </Table>
    );
}
