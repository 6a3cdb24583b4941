import { useState } from 'react';
import type { Step } from '../api/types';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';
import type { Bay } from '../bay/useBay';
import { WriteDown } from './WriteDown';

export interface Shown {
    feature: string;
    label: string;
    /** What it can have shown; a number where none are named. */
    sights?: string[];
}

/** Puts one of several things that a step showed on the card, in a word out of those there are. */
export function WriteWords({ step, shown, act, busy }: Props) {
    const [feature, setFeature] = useState(shown[0]?.feature ?? '');
    const chosen = shown.find((one) => one.feature === feature);
    if (chosen === undefined) return null;
    return (
        <>
            {shown.length > 1 && (
                <SelectField
                    onSlate
                    label={t('write.which')}
                    value={feature}
                    onChange={(event) => setFeature(event.target.value)}
                    options={shown.map((one) => ({ value: one.feature, label: one.label }))}
                />
            )}
            <WriteDown
                key={feature}
                step={step}
                feature={feature}
                sights={chosen.sights}
                act={act}
                busy={busy}
            />
        </>
    );
}

interface Props {
    step: Step;
    shown: Shown[];
    act: Bay['act'];
    busy: boolean;
}
