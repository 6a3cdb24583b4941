import * as z from 'zod/mini';
import type { Policy } from '../api/types';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { useCheckedForm } from '../ui/useCheckedForm';
import { t } from '../words/words';
import { checked, drafted, SCHOOLS, type Draft } from './draft';

/** Said beside every field while it is typed, as the points have to add up. */
const rules = z.custom<Draft>((draft) => checked(draft as Draft).own !== null);

interface Props {
    policy: Policy;
    onKeep: (policy: Policy) => void;
    onClose: () => void;
}

/** The rules of one case, from a policy that ships or from its own: points, limits, schools. */
export function PolicyDialog({ policy, onKeep, onClose }: Props) {
    const form = useCheckedForm(rules, drafted(policy));
    const { own, errors, total } = checked(form.watch());
    const number = (name: 'diagnosisMinutes' | 'needlessRepair' | 'margin' | 'safetyCap') => (
        <TextField
            label={t(`policy.${name}`)}
            hint={t(`policy.${name}-hint`)}
            inputMode="decimal"
            {...form.register(name)}
            error={errors[name]}
        />
    );

    return (
        <Dialog title={t('policy.title')} open onClose={onClose}>
            <form
                className="flex flex-col gap-3"
                onSubmit={form.sending(() => {
                    if (own === null) return;
                    onKeep(own);
                    onClose();
                })}
            >
                <fieldset>
                    <legend className="font-semibold">{t('policy.points', { total })}</legend>
                    <div className="grid grid-cols-3 gap-x-3 gap-y-2">
                        {Object.keys(policy.weights).map((criterion) => (
                            <TextField
                                key={criterion}
                                label={t(`criterion.${criterion}`)}
                                inputMode="numeric"
                                {...form.register(`weights.${criterion}`)}
                                error={errors[criterion]}
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
                    {...form.register('replacing')}
                    options={[
                        { value: 'arithmetic', label: t('replacing.arithmetic') },
                        { value: 'reading', label: t('replacing.reading') },
                    ]}
                />
                {SCHOOLS.map(([name, options]) => (
                    <SelectField
                        key={name}
                        label={t(`school.${name}`)}
                        {...form.register(`schools.${name}`)}
                        error={errors[name]}
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
