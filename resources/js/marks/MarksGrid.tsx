import { Link } from 'react-router';
import type { MarksEntry, MarksTable } from '../api/types';
import { points } from '../words/quantities';
import { date } from '../words/reader';
import { useRowsAsBlocks } from '../ui/useRowsAsBlocks';
import { t } from '../words/words';
import { AbsenceMenu } from './AbsenceMenu';

const SIGNS = {
    'not-started': '–',
    'under-way': '◐',
    awaited: '◔',
    practised: '✓',
    marked: '■',
    annulled: '✕',
    'not-given': '·',
    absent: '△',
    excused: '△',
    interrupted: '△',
} as const;

/** A row each, a column a case; wide tables scroll under the names. */
export function MarksGrid({ table }: { table: MarksTable }) {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    return (
        <div
            ref={holder}
            className="rows-as-blocks min-h-0 w-full overflow-auto"
            tabIndex={0}
            role="group"
            aria-label={t('marks.title')}
        >
            <table className="border-collapse bg-bench text-left">
                <thead className="border-b border-ink">
                    <tr className="align-bottom">
                        <th scope="col" className="sticky left-0 bg-bench px-3 py-2">
                            {t('marks.name')}
                        </th>
                        <th scope="col" className="border-r border-floor-deep px-3 py-2">
                            {t('marks.sum')}
                        </th>
                        {table.cases.map((one) => (
                            <th
                                key={one.id}
                                scope="col"
                                className="min-w-36 px-3 py-2 text-small font-semibold"
                            >
                                <Link to={`/cases/${one.case}/attempts`} className="text-petrol underline">
                                    {one.name}
                                </Link>
                                {one.practice && ` (${t('marks.practice')})`}
                                <span className="block font-normal text-ink-soft">{date(one.givenAt)}</span>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {table.people.map((person) => (
                        <tr key={person.id} className="border-b border-floor-deep">
                            <th scope="row" className="sticky left-0 bg-bench px-3 py-2 whitespace-nowrap">
                                {person.name}
                                {person.hasLeft && (
                                    <span className="font-normal text-ink-soft">
                                        {' '}
                                        ({t('marks.has-left')})
                                    </span>
                                )}
                            </th>
                            <td className="border-r border-floor-deep px-3 py-2 whitespace-nowrap tabular">
                                {person.outOf === 0 ? '–' : `${points(person.points)} / ${person.outOf}`}
                                {person.grade !== null && (
                                    <span className="block font-sans text-small">
                                        {t('marks.with-grade', { grade: person.grade })}
                                    </span>
                                )}
                            </td>
                            {person.marks.map((mark, index) => (
                                <td key={table.cases[index]!.id} className="px-3 py-2 whitespace-nowrap">
                                    <Entry mark={mark} of={table.cases[index]!} person={person} />
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

/** Without a job only whoever is to have one can be away or excused; who is at work can be interrupted. */
const NOTED = {
    'not-started': ['absent', 'excused'],
    'under-way': ['interrupted'],
    absent: ['absent', 'excused', null],
    excused: ['absent', 'excused', null],
    interrupted: [null],
} as const;

interface EntryProps {
    mark: MarksEntry;
    of: MarksTable['cases'][number];
    person: { id: number; name: string };
}

function Entry({ mark, of, person }: EntryProps) {
    const text =
        mark.points === null ? (
            <>
                <span aria-hidden>{SIGNS[mark.state]} </span>
                {t(`marks.state.${mark.state}`)}
            </>
        ) : (
            <span className="tabular">
                {points(mark.points)} / {mark.outOf}
            </span>
        );
    const kinds = of.isMine && mark.state in NOTED ? NOTED[mark.state as keyof typeof NOTED] : null;
    const menu = kinds !== null && (
        <AbsenceMenu
            label={t('marks.note', {
                name: person.name,
                case: of.name,
                state: t(`marks.state.${mark.state}`),
            })}
            text={mark.attempt === null ? t(`marks.state.${mark.state}`) : ''}
            assignment={of.id}
            person={person.id}
            kinds={[...kinds]}
            canMakeUp={['absent', 'excused', 'interrupted'].includes(mark.state)}
        />
    );
    if (mark.attempt === null && menu !== false) return menu;
    if (mark.attempt === null) return <span className="text-ink-soft">{text}</span>;
    return (
        <>
            <Link to={`/report/${mark.attempt}`} className="text-petrol underline">
                {text}
            </Link>
            {mark.grade !== null && ` · ${t('marks.with-grade', { grade: mark.grade })}`}
            {mark.proposed && ` · ${t('attempts.proposed')}`}
            {mark.decided && ` · ${t('attempts.overridden')}`} {menu}
        </>
    );
}
