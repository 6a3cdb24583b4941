import type { Attempt } from '../api/types';
import { Button } from '../ui/Button';
import { Caution } from '../ui/Caution';
import { Paper, PaperHeading } from '../ui/Paper';
import { describeCause, describeSensor, describeSource, describeValue } from '../words/describe';
import { t } from '../words/words';
import { stepsOf, struckOut } from '../words/card';
import { CardEntry } from './CardEntry';

interface Props {
    attempt: Attempt;
    onNameCause: () => void;
    onConclude: () => void;
    onRules: () => void;
    onStrike: (entry: number) => void;
}

/** What the apprentice claims: this is what gets marked. */
export function JobCard({ attempt, onNameCause, onConclude, onRules, onStrike }: Props) {
    const codes = stepsOf(attempt.steps, 'write-code');
    const readings = stepsOf(attempt.steps, 'write-reading');
    const sensors = stepsOf(attempt.steps, 'write-sensor');
    const causes = stepsOf(attempt.steps, 'name-cause');
    const struck = struckOut(attempt.steps);
    const entry = (number: number, name: string) => ({
        number,
        name,
        isStruck: struck.has(number),
        onStrike: attempt.state.concluded ? null : onStrike,
    });
    return (
        <Paper label={t('bay.card')} tour="card" className="h-full">
            <div
                className="min-h-0 flex-1 overflow-auto pr-1"
                tabIndex={0}
                role="group"
                aria-label={t('bay.card')}
            >
                <PaperHeading
                    hint={
                        <button type="button" className="text-petrol underline" onClick={onRules}>
                            {t('bay.weights')}
                        </button>
                    }
                >
                    {t('bay.complaint')}
                </PaperHeading>
                <p>{attempt.complaint}</p>
                {attempt.symptoms.length > 0 && (
                    <p className="text-small text-ink-soft">
                        {t('bay.told')} {attempt.symptoms.map((one) => t(`symptom.${one}`)).join('; ')}.
                    </p>
                )}
                <Caution>{t('bay.caution')}</Caution>
                <PaperHeading hint={t('bay.codes-hint')}>{t('bay.codes')}</PaperHeading>
                {codes.length === 0 && <p className="text-ink-soft">{t('bay.no-codes')}</p>}
                <ul className="mb-3">
                    {codes.map((step) => (
                        <CardEntry key={step.number} {...entry(step.number, step.action.code)}>
                            <span className="flex justify-between">
                                <span className="tabular">
                                    {step.action.code === 'none' ? t('code-status.none') : step.action.code}
                                </span>
                                <span>
                                    {step.action.status !== '' && t(`code-status.${step.action.status}`)}
                                </span>
                            </span>
                            {step.action.change !== undefined && (
                                <strong className="block">{t(`code-change.${step.action.change}`)}</strong>
                            )}
                        </CardEntry>
                    ))}
                </ul>
                <PaperHeading hint={t('bay.readings-hint')}>{t('bay.readings')}</PaperHeading>
                {readings.length === 0 && <p className="text-ink-soft">{t('bay.no-readings')}</p>}
                <ul className="mb-3">
                    {readings.map((step) => (
                        <CardEntry
                            key={step.number}
                            {...entry(
                                step.number,
                                `${describeValue(step.action)}, ${t('bay.step', { step: step.action.of })}`,
                            )}
                        >
                            <span className="flex justify-between gap-2">
                                <span className={step.action.value === null ? '' : 'tabular'}>
                                    {describeValue(step.action)}
                                </span>
                                <strong>{t(`judgement.${step.action.judgement}`)}</strong>
                            </span>
                            <span className="block text-small text-ink-soft">
                                {describeSource(attempt, step.action)}
                                {step.action.comparedWith !== '' &&
                                    `; ${t('bay.compared-with', { what: step.action.comparedWith })}`}
                            </span>
                        </CardEntry>
                    ))}
                </ul>
                {sensors.length > 0 && <PaperHeading>{t('what-it-is.heading')}</PaperHeading>}
                <ul className="mb-3">
                    {sensors.map(({ number, action }) => (
                        <CardEntry key={number} {...entry(number, describeSensor(action))}>
                            <strong>{action.channel}</strong> {describeSensor(action)}
                        </CardEntry>
                    ))}
                </ul>
                {causes.length > 0 && <PaperHeading>{t('bay.cause')}</PaperHeading>}
                <ul>
                    {causes.map(({ number, action }) => (
                        <CardEntry key={number} {...entry(number, describeCause(action))}>
                            <strong>{describeCause(action)}</strong>
                            <span className="block text-small text-ink-soft">
                                {t('bay.cause-expect')}: {t(`expects.${action.expects}`)}
                            </span>
                        </CardEntry>
                    ))}
                </ul>
            </div>
            <Button
                kind="main"
                className="mt-3"
                disabled={attempt.state.concluded}
                onClick={onNameCause}
                shortcut="C"
            >
                {t('bay.name-cause')}
            </Button>
            <div className="mt-4 border-t-2 border-dotted border-ink-soft pt-2">
                <Button
                    className="border-transparent! px-0! font-normal!"
                    disabled={attempt.state.concluded}
                    onClick={onConclude}
                >
                    {t('bay.conclude')}
                </Button>
            </div>
        </Paper>
    );
}
