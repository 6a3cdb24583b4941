import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { CarValue, CaseFields } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { t } from '../words/words';
import { CarValueRow } from './CarValueRow';
import { groupOf, nameOf } from './carValueName';

type Values = NonNullable<CaseFields['carValues']>;

interface Props {
    /** A built-in one. */
    car: string;
    /** What is replaced, by JSON pointer. */
    changed: Values;
    onChange: (values: Values) => void;
}

/** All numbers of a car in their groups, found by a word; what is replaced stands out and goes back with one press. */
export function CarValueTree({ car, changed, onChange }: Props) {
    const [search, setSearch] = useState('');
    const values = useQuery({
        queryKey: ['car-values', car],
        queryFn: () => taken(api.GET('/api/cars/{car}/values', { params: { path: { car } } })),
        staleTime: Infinity,
    });
    if (values.isError) return <Failed error={values.error} onRetry={() => void values.refetch()} />;
    if (values.data === undefined) return <Loading what={t('wait.values')} />;
    const wanted = values.data.filter((one) => isWanted(one, search));
    const groups = [...new Set(wanted.map(groupOf))];
    const isChanged = ({ pointer }: CarValue) => pointer in changed;
    const without = (gone: CarValue[]) =>
        Object.fromEntries(
            Object.entries(changed).filter(([pointer]) => !gone.some((one) => one.pointer === pointer)),
        );
    return (
        <div className="flex flex-col gap-3">
            <p className="text-ink-soft">{t('values.about')}</p>
            <div className="flex items-end gap-4">
                <div className="w-72">
                    <TextField
                        label={t('values.search')}
                        type="search"
                        value={search}
                        onChange={({ target }) => setSearch(target.value)}
                    />
                </div>
                {values.data.some(isChanged) && (
                    <Button onClick={() => onChange(without(values.data))}>{t('values.all-back')}</Button>
                )}
            </div>
            <div
                className="max-h-96 overflow-auto pr-2"
                tabIndex={0}
                role="group"
                aria-label={t('values.open')}
            >
                {groups.map((group) => {
                    const rows = wanted.filter((one) => groupOf(one) === group);
                    const count = rows.filter(isChanged).length;
                    return (
                        <details key={group} open={search !== '' || count > 0}>
                            <summary className="cursor-pointer border-b border-ink py-1.5 font-semibold">
                                <span className="inline-block first-letter:uppercase">{group}</span>
                                {count > 0 && ` · ${t('values.changed-count', { count })}`}
                            </summary>
                            <ul>
                                {rows.map((one) => (
                                    <CarValueRow
                                        key={one.pointer}
                                        of={one}
                                        set={changed[one.pointer]}
                                        onSet={(value) => onChange({ ...changed, [one.pointer]: value })}
                                        onBack={() => onChange(without([one]))}
                                    />
                                ))}
                            </ul>
                        </details>
                    );
                })}
            </div>
        </div>
    );
}

function isWanted(value: CarValue, search: string): boolean {
    return `${groupOf(value)} ${nameOf(value)}`.toLowerCase().includes(search.trim().toLowerCase());
}
