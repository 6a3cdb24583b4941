import { useState, type ReactNode } from 'react';
import { TextField } from './Field';
import { typedNumber } from '../words/number';
import { t } from '../words/words';

interface Props {
    label: string;
    start: string;
    /** Name of the setting in the action, beside which the server's message belongs. */
    field: string;
    onNumber: (value: number, onFields: (messages: Record<string, string>) => void) => void;
    children: ReactNode;
}

/** A number that goes with an action, and what is wrong with it beside it. */
export function NumberForm({ label, start, field, onNumber, children }: Props) {
    const [text, setText] = useState(start);
    const [errors, setErrors] = useState<Record<string, string>>({});
    return (
        <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                const value = typedNumber(text);
                if (value === null) setErrors({ [field]: t('write.number-missing') });
                else onNumber(value, setErrors);
            }}
        >
            <TextField
                onSlate
                label={label}
                inputMode="decimal"
                value={text}
                error={errors[field]}
                onChange={(event) => setText(event.target.value)}
            />
            {children}
        </form>
    );
}
