interface Props {
    question: string;
    options: readonly { value: number; label: string }[];
    chosen: number[];
    onChoose: (chosen: number[]) => void;
}

/** Some out of many, a line each; many of them scroll. */
export function AnyOf({ question, options, chosen, onChoose }: Props) {
    return (
        <fieldset className="min-w-0">
            <legend className="mb-1 font-semibold">{question}</legend>
            <div className="max-h-40 overflow-auto">
                {options.map((one) => (
                    <label key={one.value} className="flex items-baseline gap-2 py-1">
                        <input
                            type="checkbox"
                            checked={chosen.includes(one.value)}
                            onChange={({ target }) =>
                                onChoose(
                                    target.checked
                                        ? [...chosen, one.value]
                                        : chosen.filter((other) => other !== one.value),
                                )
                            }
                        />
                        {one.label}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
