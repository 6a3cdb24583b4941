import { useState } from 'react';
import type { CarValue } from '../api/types';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { typedNumber } from '../words/number';
import { number } from '../words/reader';
import { t } from '../words/words';
import { nameOf } from './carValueName';

interface Props {
    of: CarValue;
    /** What the case has instead; undefined: the car's own. */
    set: boolean | number | string | undefined;
    onSet: (value: number) => void;
    onBack: () => void;
}

/** One number: the car's own, or another within its limits, marked by a heavy edge and a word. */
export function CarValueRow({ of, set, onSet, onBack }: Props) {
    const isChanged = set !== undefined;
    const [text, setText] = useState(typeof set === 'number' ? number(set) : '');
    const [error, setError] = useState<string | undefined>();
    const take = (typed: string) => {
        setText(typed);
        const value = typedNumber(typed);
        setError(typed.trim() === '' ? undefined : objection(of, value));
        if (typed.trim() === '' && isChanged) onBack();
        else if (value !== null && objection(of, value) === undefined) onSet(value);
    };
    const limits = limitsOf(of);
    return (
        <li
            className={`flex items-end gap-4 border-b border-rule py-1.5 pl-2 ${isChanged ? 'border-l-4 border-l-ink' : ''}`}
        >
            <div className="w-96 min-w-0">
                <TextField
                    label={`${nameOf(of)}${of.unit === '' ? '' : ` (${of.unit})`}`}
                    hint={limits === '' ? undefined : limits}
                    error={error}
                    inputMode="decimal"
                    placeholder={number(of.value)}
                    value={isChanged || error !== undefined ? text : ''}
                    onChange={({ target }) => take(target.value)}
                />
            </div>
            <span className="w-36 pb-1 tabular">{t('values.own', { value: of.value })}</span>
            {isChanged && (
                <Button
                    aria-label={t('values.back-of', { name: nameOf(of) })}
                    onClick={() => {
                        setText('');
                        setError(undefined);
                        onBack();
                    }}
                >
                    {t('values.back')}
                </Button>
            )}
        </li>
    );
}

function objection(of: CarValue, value: number | null): string | undefined {
    if (value === null) return t('values.wrong');
    const { least, above, most } = of;
    const fits =
        (least ?? -Infinity) <= value && (above === null || value > above) && value <= (most ?? Infinity);
    return fits ? undefined : t('values.out-of-limits', { limits: limitsOf(of) });
}

function limitsOf({ least, above, most }: CarValue): string {
    return [
        ...(above === null ? [] : [t('values.above', { value: above })]),
        ...(least === null ? [] : [t('values.from', { value: least })]),
        ...(most === null ? [] : [t('values.to', { value: most })]),
    ].join(', ');
}
