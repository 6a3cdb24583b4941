import type { Group } from '../api/types';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';

interface Props {
    label: string;
    groups: Group[];
    /** An id as text; empty while nothing is chosen. */
    value: string;
    /** What stands where nothing is chosen. */
    none?: string;
    error?: string;
    onChoose: (group: string) => void;
}

/** One of the groups one answers for. */
export function GroupSelect({ label, groups, value, none, error, onChoose }: Props) {
    return (
        <SelectField
            label={label}
            error={error}
            value={value}
            onChange={({ target }) => onChoose(target.value)}
            options={[
                { value: '', label: none ?? t('people.choose-group') },
                ...groups.map((group) => ({ value: String(group.id), label: group.name })),
            ]}
        />
    );
}
