import type { CaseRecord } from '../api/types';

/** What is looked for in the list of cases; empty texts ask for nothing. */
export interface Wanted {
    words: string;
    car: string;
    station: string;
    goal: string;
    difficulty: string;
    archived: boolean;
    order: 'newest' | 'by-name';
}

export const ALL: Wanted = {
    words: '',
    car: '',
    station: '',
    goal: '',
    difficulty: '',
    archived: false,
    order: 'newest',
};

/** Those that fit, in order. */
export function found(
    cases: CaseRecord[],
    wanted: Wanted,
    stationOf: (kind: string) => string | undefined,
): CaseRecord[] {
    const words = wanted.words.toLowerCase().split(/\s+/).filter(Boolean);
    const fits = ({ document, goals, difficulty, archived }: CaseRecord) =>
        archived === wanted.archived &&
        (wanted.car === '' || document.car === wanted.car) &&
        (wanted.station === '' || document.faults.some(({ kind }) => stationOf(kind) === wanted.station)) &&
        (wanted.difficulty === '' || difficulty === wanted.difficulty) &&
        (wanted.goal === '' || goals.includes(wanted.goal)) &&
        words.every((word) =>
            [document.name, document.jobTitle, document.complaint, ...goals].some((text) =>
                text.toLowerCase().includes(word),
            ),
        );

    return cases
        .filter(fits)
        .sort((one, other) =>
            wanted.order === 'by-name'
                ? one.document.name.localeCompare(other.document.name)
                : other.updatedAt.localeCompare(one.updatedAt) || other.id - one.id,
        );
}
