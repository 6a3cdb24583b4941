import { useId } from 'react';

interface Props {
    label: string;
    /** The value with its unit, as it is read out. */
    shown: string;
    value: number;
    least: number;
    greatest: number;
    step: number;
    onChange: (value: number) => void;
}

/** A number set by pulling. */
export function RangeField({ label, shown, value, least, greatest, step, onChange }: Props) {
    const id = useId();
    return (
        <div className="min-w-0">
            <label htmlFor={id} className="flex justify-between text-small text-ink-soft">
                <span>{label}</span>
                <span className="tabular text-ink">{shown}</span>
            </label>
            <input
                id={id}
                type="range"
                min={least}
                max={greatest}
                step={step}
                value={value}
                aria-valuetext={shown}
                onChange={(event) => onChange(Number(event.target.value))}
                className="w-full accent-petrol"
            />
        </div>
    );
}
