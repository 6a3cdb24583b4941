import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { Car, CaseFields, FaultKind } from '../api/types';
import { CarChoice } from './CarChoice';
import { CarValues } from './CarValues';
import { Commonness } from './Commonness';
import { SeizedSensors } from './SeizedSensors';
import { ToolsOnTheTrolley } from './ToolsOnTheTrolley';
import { PolicyDialog } from '../policy/PolicyDialog';
import { Rules } from '../policy/Rules';
import { weighed } from '../policy/weighed';
import { Button } from '../ui/Button';
import { SelectField, TextArea, TextField } from '../ui/Field';
import { Paper, PaperHeading } from '../ui/Paper';
import { PickedList } from '../ui/PickedList';
import { REPAIR_KINDS } from '../words/repairs';
import { SYMPTOMS } from '../words/symptoms';
import { t } from '../words/words';

interface Props {
    cars: Car[];
    kinds: FaultKind[];
    fields: CaseFields;
    errors: Record<string, string>;
    onChange: (part: Partial<CaseFields>) => void;
}

/** What the instructor writes. */
export function CaseSheet({ cars, kinds, fields, errors, onChange }: Props) {
    const policies = useQuery({
        queryKey: ['marking-policies'],
        queryFn: () => taken(api.GET('/api/marking-policies')),
    });
    const usual = policies.data?.find((one) => one.isUsual);
    const named =
        typeof fields.policy === 'object'
            ? undefined
            : (policies.data?.find((one) => one.name === fields.policy) ?? usual);
    const policy = typeof fields.policy === 'object' ? fields.policy : named?.policy;
    const [adjusting, setAdjusting] = useState(false);
    const chosenCar = cars.find((one) => one.id === fields.car);
    return (
        <Paper label={t('bench.sheet')} className="h-full">
            <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-auto pr-1">
                <PaperHeading>{t('bench.sheet')}</PaperHeading>
                <TextField
                    label={t('bench.name')}
                    hint={t('bench.name-hint')}
                    maxLength={80}
                    value={fields.name}
                    error={errors.name}
                    onChange={(event) => onChange({ name: event.target.value })}
                />
                <TextField
                    label={t('bench.job-title')}
                    hint={t('bench.job-title-hint')}
                    maxLength={80}
                    value={fields.jobTitle}
                    error={errors.jobTitle}
                    onChange={(event) => onChange({ jobTitle: event.target.value })}
                />
                <TextArea
                    label={t('bench.complaint')}
                    rows={5}
                    maxLength={600}
                    value={fields.complaint}
                    error={errors.complaint}
                    onChange={(event) => onChange({ complaint: event.target.value })}
                />
                <SelectField
                    label={t('bench.lamp-told')}
                    hint={t('bench.lamp-told-hint')}
                    value={String(fields.knowledge?.lampTold ?? '')}
                    onChange={({ target: { value } }) =>
                        onChange({
                            knowledge: {
                                ...fields.knowledge,
                                lampTold: value === '' ? undefined : value === 'true',
                            },
                        })
                    }
                    options={['', 'true', 'false'].map((value) => ({
                        value,
                        label: t(`lamp-told.${value || 'nothing'}`),
                    }))}
                />
                <PickedList
                    legend={t('bench.symptoms')}
                    hint={t('bench.symptoms-hint')}
                    add={t('bench.add-symptom')}
                    all={SYMPTOMS}
                    picked={fields.symptoms ?? []}
                    word={(one) => t(`symptom.${one}`)}
                    onChange={(symptoms) => onChange({ symptoms })}
                />
                <Commonness
                    kinds={kinds}
                    factors={fields.knowledge?.priorFactors ?? {}}
                    onChange={(priorFactors) =>
                        onChange({ knowledge: { ...fields.knowledge, priorFactors } })
                    }
                />
                <CarChoice cars={cars} fields={fields} error={errors.car} onChange={onChange} />
                {chosenCar !== undefined && (
                    <CarValues
                        car={chosenCar.id}
                        changed={fields.carValues ?? {}}
                        error={errorOfValues(errors)}
                        onChange={(carValues) =>
                            onChange({
                                carValues: Object.keys(carValues).length > 0 ? carValues : undefined,
                            })
                        }
                    />
                )}
                <SelectField
                    label={t('bench.meter')}
                    value={fields.meter ?? 'true-rms'}
                    onChange={(event) => onChange({ meter: event.target.value as CaseFields['meter'] })}
                    options={(['true-rms', 'averaging'] as const).map((value) => ({
                        value,
                        label: t(`meter-kind.${value}`),
                    }))}
                />
                <ToolsOnTheTrolley
                    withheld={fields.withheld ?? []}
                    onChange={(withheld) => onChange({ withheld })}
                />
                <PickedList
                    legend={t('bench.made-elsewhere')}
                    add={t('bench.add-made-elsewhere')}
                    all={REPAIR_KINDS}
                    picked={fields.madeElsewhere ?? []}
                    word={(one) => t(`repair.${one}`)}
                    onChange={(madeElsewhere) => onChange({ madeElsewhere })}
                />
                {chosenCar !== undefined && (
                    <SeizedSensors
                        car={chosenCar}
                        values={fields.carValues ?? {}}
                        onChange={(carValues) =>
                            onChange({
                                carValues: Object.keys(carValues).length > 0 ? carValues : undefined,
                            })
                        }
                    />
                )}
                <PaperHeading>{t('bench.marking')}</PaperHeading>
                <SelectField
                    label={t('bench.practice')}
                    hint={t('bench.practice-hint')}
                    value={String(fields.practice ?? false)}
                    onChange={({ target: { value } }) => onChange({ practice: value === 'true' })}
                    options={['false', 'true'].map((value) => ({ value, label: t(`practice.${value}`) }))}
                />
                <SelectField
                    label={t('bench.policy')}
                    value={named?.name ?? 'own'}
                    onChange={({ target: { value } }) =>
                        onChange({ policy: value === usual?.name ? undefined : value })
                    }
                    options={[
                        ...(named === undefined ? ['own'] : []),
                        ...(policies.data ?? []).map((one) => one.name),
                    ].map((value) => ({ value, label: t(`policy.${value}`) }))}
                />
                {policy !== undefined && (
                    <>
                        <Button onClick={() => setAdjusting(true)}>{t('policy.adjust')}</Button>
                        <ul className="text-small">
                            {weighed(policy).map(([criterion, weight]) => (
                                <li key={criterion} className="border-b border-rule py-0.5">
                                    <span className="flex justify-between font-semibold">
                                        <span>{t(`criterion.${criterion}`)}</span>
                                        <span className="tabular">{weight}</span>
                                    </span>
                                    <span className="block text-ink-soft">
                                        {t(`criterion.${criterion}.rule`)}
                                    </span>
                                </li>
                            ))}
                        </ul>
                        <Rules rules={policy} />
                        {adjusting && (
                            <PolicyDialog
                                policy={policy}
                                onKeep={(own) => onChange({ policy: own })}
                                onClose={() => setAdjusting(false)}
                            />
                        )}
                    </>
                )}
            </div>
        </Paper>
    );
}

/** What the server has against a value of the car, if anything. */
function errorOfValues(errors: Record<string, string>): string | undefined {
    return Object.entries(errors).find(([field]) => field.startsWith('carValues'))?.[1];
}
