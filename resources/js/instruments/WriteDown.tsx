import { useRef } from 'react';
import * as z from 'zod/mini';
import type { Action, ShownNumber, Step } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { SelectField, TextField } from '../ui/Field';
import { KeyCap } from '../ui/KeyCap';
import { SightWords } from '../looks/words/SightWords';
import { useShortcuts } from '../ui/shortcuts';
import { useCheckedForm } from '../ui/useCheckedForm';
import { writtenUnits } from '../words/quantities';
import { isNumber } from '../words/shown';
import { t } from '../words/words';
import { typedNumber } from '../words/number';
import type { Bay } from '../bay/useBay';

type Written = Extract<Action, { do: 'write-reading' }>;

const OVERLOAD = 'open';

const entry = z.object({
    value: z.string(),
    unit: z.string(),
    word: z.string(),
    words: z.array(z.string()),
    judgement: z.enum(['in', 'out', 'differs', 'unsure', 'says-nothing']),
    comparedWith: z.string(),
});

const START: z.input<typeof entry> = {
    value: '',
    unit: '',
    word: '',
    words: [],
    judgement: 'unsure',
    comparedWith: '',
};

interface Props {
    step: Step;
    feature: string;
    /** Of what it is a number of, where the step itself shows none under this name. */
    unitsOf?: ShownNumber['unit'];
    /** What can have been seen, where the step showed no number. */
    sights?: string[];
    /** What can be seen besides, where a picture was looked at: then several words may be written. */
    harmless?: string;
    act: Bay['act'];
    busy: boolean;
}

/** Puts a reading on the card in the apprentice's own words: value, unit, judgement, compared with what. */
export function WriteDown({ step, feature, unitsOf, sights, harmless, act, busy }: Props) {
    const picture = feature === 'sight' ? step.observation.picture : undefined;
    const shown = step.observation.values[feature];
    const units =
        unitsOf !== undefined ? writtenUnits(unitsOf) : isNumber(shown) ? writtenUnits(shown.unit) : [];
    const form = useCheckedForm(entry, START);
    const isOpen = form.watch('unit') === OVERLOAD;
    const paper = useRef<HTMLFormElement>(null);
    useShortcuts({ e: () => paper.current?.querySelector<HTMLElement>('input:enabled, select')?.focus() });

    const write = async ({ value, unit, judgement, comparedWith, ...said }: z.output<typeof entry>) => {
        const [word, ...further] = picture === undefined ? [said.word] : said.words;
        const seen = sights !== undefined;
        const number = typedNumber(value);
        if (!seen && !isOpen && number === null) return form.refuse({ value: t('write.value-missing') });
        if (!seen && unit === '') return form.refuse({ unit: t('write.unit-missing') });
        if (seen && (word ?? '') === '')
            return form.refuse({ [picture === undefined ? 'word' : 'words']: t('write.sight-missing') });
        try {
            await act({
                do: 'write-reading',
                of: step.number,
                feature,
                value: seen || isOpen ? null : number,
                unit: seen || isOpen ? '' : (unit as Written['unit']),
                word: seen ? (word ?? '') : isOpen ? OVERLOAD : '',
                judgement,
                comparedWith: comparedWith.trim(),
                ...(further.length > 0 && { further }),
            });
            form.reset({ ...START, unit });
        } catch (error) {
            form.refused(error);
        }
    };

    return (
        <form
            ref={paper}
            aria-label={t('bay.write-it')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={form.sending(write)}
        >
            <p className="flex items-baseline gap-1.5 font-semibold">
                {t('bay.write-it')}
                <span className="flex-1 text-small font-normal text-slate-soft">
                    {t('bay.step', { step: step.number })}
                </span>
                <KeyCap>E</KeyCap>
            </p>
            {sights === undefined ? (
                <div className="grid grid-cols-2 gap-2">
                    <TextField
                        onSlate
                        label={t('bay.value')}
                        inputMode="decimal"
                        disabled={isOpen}
                        {...form.field('value')}
                    />
                    <SelectField
                        onSlate
                        label={t('bay.unit')}
                        {...form.field('unit')}
                        onChange={(event) => {
                            form.setValue('unit', event.target.value);
                            if (event.target.value === OVERLOAD) form.setValue('value', '');
                        }}
                        options={[
                            { value: '', label: '–' },
                            ...units.map((one) => ({ value: one, label: one })),
                            ...(units.includes('Ω') ? [{ value: OVERLOAD, label: t('bay.word-open') }] : []),
                        ]}
                    />
                </div>
            ) : picture !== undefined ? (
                <SightWords
                    words={[...sights, ...(harmless === undefined ? [] : [harmless])]}
                    chosen={form.watch('words')}
                    onChoose={(words) => {
                        form.clearErrors('words');
                        form.setValue('words', words);
                    }}
                    drawing={picture.drawing}
                    error={form.field('words').error}
                />
            ) : (
                <SelectField
                    onSlate
                    label={t('bay.what-seen')}
                    {...form.field('word')}
                    options={[
                        { value: '', label: '–' },
                        ...sights.map((one) => ({ value: one, label: t(`sight.${one}`) })),
                    ]}
                />
            )}
            <Choice
                onSlate
                label={t('bay.judgement')}
                value={form.watch('judgement')}
                onChoose={(next) => form.setValue('judgement', next)}
                options={entry.shape.judgement.options.map((one) => ({
                    value: one,
                    label: t(`judgement.${one}`),
                }))}
            />
            <TextField
                onSlate
                label={t('bay.compared')}
                placeholder={t('write.compared-example')}
                maxLength={120}
                {...form.field('comparedWith')}
            />
            <Button kind="slate-main" type="submit" disabled={busy} shortcut="↵">
                {t('bay.write')}
            </Button>
        </form>
    );
}
