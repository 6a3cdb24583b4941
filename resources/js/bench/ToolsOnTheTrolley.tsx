import { TOOLS } from '../instruments/rooms';
import { t } from '../words/words';

interface Props {
    withheld: string[];
    onChange: (withheld: string[]) => void;
}

/** What lies in the bay for this case; what is taken away is no action any more, and no test the advice can choose. */
export function ToolsOnTheTrolley({ withheld, onChange }: Props) {
    return (
        <fieldset>
            <legend className="text-small text-ink-soft">{t('bench.tools')}</legend>
            <div className="grid grid-cols-2 gap-x-3">
                {TOOLS.map((tool) => (
                    <label key={tool} className="flex items-center gap-2 py-0.5 text-small">
                        <input
                            type="checkbox"
                            checked={!withheld.includes(tool)}
                            onChange={({ target }) =>
                                onChange(
                                    target.checked
                                        ? withheld.filter((one) => one !== tool)
                                        : [...withheld, tool],
                                )
                            }
                        />
                        {t(`tool.${tool}`)}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
