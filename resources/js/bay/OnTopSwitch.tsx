import { Choice } from '../ui/Choice';
import { t } from '../words/words';

export type OnTop = 'slate' | 'card';

/** On a tablet the card and the slate share one place beside the car. */
export function OnTopSwitch({ onTop, onChoose }: { onTop: OnTop; onChoose: (next: OnTop) => void }) {
    return (
        <div className="hidden w-42 shrink-0 font-sans tablet:block">
            <Choice
                label={t('bay.on-top')}
                options={(['slate', 'card'] as const).map((value) => ({
                    value,
                    label: t(`bay.on-top.${value}`),
                }))}
                value={onTop}
                onChoose={onChoose}
            />
        </div>
    );
}
