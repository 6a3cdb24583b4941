import { useState } from 'react';
import { Refused } from '../api/client';
import type { Action, Step } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { SelectField, TextField } from '../ui/Field';
import { writtenUnits } from '../words/quantities';
import { isNumber } from '../words/shown';
import { t } from '../words/words';
import { typedNumber } from '../words/number';
import type { Bay } from '../bay/useBay';

type Written = Extract<Action, { do: 'write-reading' }>;

const OVERLOAD = 'open';

interface Props {
    step: Step;
    feature: string;
    /** What can have been seen, where the step showed no number. */
    sights?: string[];
    act: Bay['act'];
    busy: boolean;
}

/** Puts a reading on the card in the apprentice's own words: value, unit, judgement, compared with what. */
export function WriteDown({ step, feature, sights, act, busy }: Props) {
    const shown = step.observation.values[feature];
    const units = isNumber(shown) ? writtenUnits(shown) : [];
    const [value, setValue] = useState('');
    const [unit, setUnit] = useState('');
    const [sight, setSight] = useState('');
    const [judgement, setJudgement] = useState<Written['judgement']>('unsure');
    const [comparedWith, setComparedWith] = useState('');
    const [errors, setErrors] = useState<Record<string, string>>({});
    const isOpen = unit === OVERLOAD;

    const write = async () => {
        const parsed = typedNumber(value);
        if (sights === undefined && !isOpen && parsed === null)
            return setErrors({ value: t('write.value-missing') });
        if (sights === undefined && unit === '') return setErrors({ unit: t('write.unit-missing') });
        if (sights !== undefined && sight === '') return setErrors({ word: t('write.sight-missing') });
        setErrors({});
        try {
            await act({
                do: 'write-reading',
                of: step.number,
                feature,
                value: sights === undefined && !isOpen ? parsed : null,
                unit: sights === undefined && !isOpen ? (unit as Written['unit']) : '',
                word: sights !== undefined ? sight : isOpen ? OVERLOAD : '',
                judgement,
                comparedWith: comparedWith.trim(),
            });
            setValue('');
            setSight('');
            setComparedWith('');
            setJudgement('unsure');
        } catch (error) {
            setErrors(error instanceof Refused ? error.fields : { value: t('error.unexpected') });
        }
    };

    return (
        <form
            aria-label={t('bay.write-it')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={(event) => {
                event.preventDefault();
                void write();
            }}
        >
            <p className="font-semibold">
                {t('bay.write-it')}{' '}
                <span className="text-small font-normal text-slate-soft">
                    {t('bay.step', { step: step.number })}
                </span>
            </p>
            {sights === undefined ? (
                <div className="grid grid-cols-2 gap-2">
                    <TextField
                        onSlate
                        label={t('bay.value')}
                        inputMode="decimal"
                        value={isOpen ? '' : value}
                        disabled={isOpen}
                        error={errors.value}
                        onChange={(event) => setValue(event.target.value)}
                    />
                    <SelectField
                        onSlate
                        label={t('bay.unit')}
                        value={unit}
                        error={errors.unit}
                        onChange={(event) => setUnit(event.target.value)}
                        options={[
                            { value: '', label: '–' },
                            ...units.map((one) => ({ value: one, label: one })),
                            ...(units.includes('Ω') ? [{ value: OVERLOAD, label: t('bay.word-open') }] : []),
                        ]}
                    />
                </div>
            ) : (
                <SelectField
                    onSlate
                    label={t('bay.what-seen')}
                    value={sight}
                    error={errors.word}
                    onChange={(event) => setSight(event.target.value)}
                    options={[
                        { value: '', label: '–' },
                        ...sights.map((one) => ({ value: one, label: t(`sight.${one}`) })),
                    ]}
                />
            )}
            <Choice
                onSlate
                label={t('bay.judgement')}
                value={judgement}
                onChoose={setJudgement}
                options={(['in', 'out', 'unsure', 'says-nothing'] as const).map((one) => ({
                    value: one,
                    label: t(`judgement.${one}`),
                }))}
            />
            <TextField
                onSlate
                label={t('bay.compared')}
                placeholder={t('write.compared-example')}
                maxLength={120}
                value={comparedWith}
                onChange={(event) => setComparedWith(event.target.value)}
            />
            <Button kind="slate-main" type="submit" disabled={busy} shortcut="↵">
                {t('bay.write')}
            </Button>
        </form>
    );
}
