interface Props<T extends string> {
    question: string;
    /** Of the group, for the browser. */
    name: string;
    options: readonly { value: T; label: string }[];
    value: T;
    onChoose: (value: T) => void;
}

/** One out of a few whose words need a line each. */
export function OneOf<T extends string>({ question, name, options, value, onChoose }: Props<T>) {
    return (
        <fieldset>
            <legend className="mb-1 font-semibold">{question}</legend>
            {options.map((one) => (
                <label key={one.value} className="flex items-baseline gap-2 py-1">
                    <input
                        type="radio"
                        name={name}
                        value={one.value}
                        checked={value === one.value}
                        onChange={() => onChoose(one.value)}
                    />
                    {one.label}
                </label>
            ))}
        </fieldset>
    );
}
