import type { Variation } from '../api/types';
import { OneOf } from '../ui/OneOf';
import { t } from '../words/words';

const ALL: readonly Variation[] = ['same', 'kind', 'other'];

interface Props {
    /** Job title and complaint. */
    text: string;
    value: Variation;
    onChoose: (variation: Variation) => void;
}

/** In what the cars of one case differ. Where its words name a place, the fault stays there, and that is said. */
export function VariationChoice({ text, value, onChoose }: Props) {
    return (
        <div>
            <OneOf
                question={t('variation.question')}
                name="variation"
                options={ALL.map((one) => ({ value: one, label: t(`variation.${one}`) }))}
                value={value}
                onChoose={onChoose}
            />
            {value !== 'same' && namesPlace(text) && (
                <p role="status" className="border-l-4 border-ink pl-2 text-small">
                    {t('variation.place-names')}
                </p>
            )}
        </div>
    );
}

function namesPlace(text: string): boolean {
    const words = t('variation.place-words')
        .split(',')
        .map((word) => word.trim());
    return new RegExp(`(^|[^\\p{L}])(${words.join('|')})($|[^\\p{L}])`, 'iu').test(text);
}
