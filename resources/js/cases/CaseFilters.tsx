import type { Car, CaseRecord, FaultKind } from '../api/types';
import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';
import type { Wanted } from './wanted';

interface Props {
    cases: CaseRecord[];
    kinds: FaultKind[];
    cars: Car[];
    wanted: Wanted;
    onChange: (wanted: Wanted) => void;
}

const DIFFICULTIES = ['easy', 'middling', 'hard'];

/** Finds one case among many: by words, car, place of the fault, what it teaches and how difficult it is. */
export function CaseFilters({ cases, kinds, cars, wanted, onChange }: Props) {
    const set = (change: Partial<Wanted>) => onChange({ ...wanted, ...change });
    const distinct = (values: string[]) => [...new Set(values)].sort();
    const used = distinct(cases.map((one) => one.document.car));
    const goals = distinct(cases.flatMap((one) => one.goals));
    const stations = [...new Set(kinds.map((kind) => kind.station))];
    const choices = (none: string, values: string[], word: (value: string) => string) => [
        { value: '', label: t(none) },
        ...values.map((value) => ({ value, label: word(value) })),
    ];

    return (
        <div role="search" className="mb-3 grid grid-cols-7 items-end gap-3" aria-label={t('cases.search')}>
            <TextField
                label={t('cases.search')}
                type="search"
                value={wanted.words}
                onChange={({ target }) => set({ words: target.value })}
            />
            <SelectField
                label={t('cases.car')}
                value={wanted.car}
                onChange={({ target }) => set({ car: target.value })}
                options={choices(
                    'cases.any-car',
                    used,
                    (car) => cars.find(({ id }) => id === car)?.name ?? car,
                )}
            />
            <SelectField
                label={t('cases.station')}
                value={wanted.station}
                onChange={({ target }) => set({ station: target.value })}
                options={choices('cases.any-station', stations, (station) => t(`station.${station}`))}
            />
            <SelectField
                label={t('cases.goal')}
                value={wanted.goal}
                onChange={({ target }) => set({ goal: target.value })}
                options={choices('cases.any-goal', goals, (goal) => goal)}
            />
            <SelectField
                label={t('cases.difficulty')}
                value={wanted.difficulty}
                onChange={({ target }) => set({ difficulty: target.value })}
                options={choices('cases.any-difficulty', DIFFICULTIES, (one) => t(`difficulty.${one}`))}
            />
            <SelectField
                label={t('cases.shelf')}
                value={wanted.archived ? 'archived' : ''}
                onChange={({ target }) => set({ archived: target.value !== '' })}
                options={[
                    { value: '', label: t('cases.in-use') },
                    { value: 'archived', label: t('cases.put-away') },
                ]}
            />
            <SelectField
                label={t('cases.order')}
                value={wanted.order}
                onChange={({ target }) => set({ order: target.value as Wanted['order'] })}
                options={(['newest', 'by-name'] as const).map((value) => ({
                    value,
                    label: t(`cases.${value}`),
                }))}
            />
        </div>
    );
}
