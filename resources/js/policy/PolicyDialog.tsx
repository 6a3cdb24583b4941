import { useState } from 'react';
import type { Policy } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';
import { checked, drafted, SCHOOLS, type Draft } from './draft';

interface Props {
    policy: Policy;
    onKeep: (policy: Policy) => void;
    onClose: () => void;
}

/** The rules of one case, from a policy that ships or from its own: points, limits, schools. */
export function PolicyDialog({ policy, onKeep, onClose }: Props) {
    const [draft, setDraft] = useState<Draft>(() => drafted(policy));
    const { own, errors, total } = checked(draft);
    const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
    const number = (name: 'diagnosisMinutes' | 'needlessRepair' | 'margin' | 'safetyCap') => (
        <TextField
            label={t(`policy.${name}`)}
            hint={t(`policy.${name}-hint`)}
            inputMode="decimal"
            value={draft[name]}
            error={errors[name]}
            onChange={(event) => change({ [name]: event.target.value })}
        />
    );

    return (
        <Dialog title={t('policy.title')} open onClose={onClose}>
            <form
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (own === null) return;
                    onKeep(own);
                    onClose();
                }}
            >
                <fieldset>
                    <legend className="font-semibold">{t('policy.points', { total })}</legend>
                    <div className="grid grid-cols-3 gap-x-3 gap-y-2">
                        {Object.entries(draft.weights).map(([criterion, points]) => (
                            <TextField
                                key={criterion}
                                label={t(`criterion.${criterion}`)}
                                inputMode="numeric"
                                value={points}
                                error={errors[criterion]}
                                onChange={(event) =>
                                    change({ weights: { ...draft.weights, [criterion]: event.target.value } })
                                }
                            />
                        ))}
                    </div>
                </fieldset>
                <div className="grid grid-cols-2 gap-x-3 gap-y-2">
                    {number('diagnosisMinutes')}
                    {number('needlessRepair')}
                    {number('margin')}
                    {number('safetyCap')}
                </div>
                <SelectField
                    label={t('policy.replacing')}
                    value={draft.replacing}
                    onChange={(event) => change({ replacing: event.target.value as Policy['replacing'] })}
                    options={[
                        { value: 'arithmetic', label: t('replacing.arithmetic') },
                        { value: 'reading', label: t('replacing.reading') },
                    ]}
                />
                {SCHOOLS.map(([name, options]) => (
                    <SelectField
                        key={name}
                        label={t(`school.${name}`)}
                        value={draft.schools[name]}
                        error={errors[name]}
                        onChange={(event) =>
                            change({ schools: { ...draft.schools, [name]: event.target.value } })
                        }
                        options={options.map((one) => ({ value: one, label: t(`side.${one}`) }))}
                    />
                ))}
                <Button kind="main" type="submit" disabled={own === null}>
                    {t('policy.keep')}
                </Button>
            </form>
        </Dialog>
    );
}
