import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { typedNumber } from '../../words/number';
import { SmallButton } from './SmallButton';

/** Bringing the lamp to blink: by the check connector and the pedal, or by switching the power. */
export function LampCodes(props: PanelProps) {
    return props.attempt.car.codesBy === 'power-cycle' ? (
        <PowerSwitch {...props} />
    ) : (
        <Connector {...props} />
    );
}

function Connector({ attempt, busy, onAct }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <>
            <div className="flex items-center justify-between gap-2">
                <span className="text-small text-slate-soft">{t('lamp-code.connector')}</span>
                <Choice
                    label={t('lamp-code.connector')}
                    onSlate
                    value={attempt.state.connectorOpen ? 'open' : 'closed'}
                    onChoose={(to) => void onAct({ do: 'check-connector', open: to === 'open' })}
                    options={(['closed', 'open'] as const).map((value) => ({
                        value,
                        label: t(`lamp-code.${value}`),
                    }))}
                />
            </div>
            <div className="grid grid-cols-3 gap-2">
                <SmallButton
                    kind="slate-main"
                    disabled={busy}
                    note={minutes('watch-lamp')}
                    className="col-span-2"
                    onClick={() => void onAct({ do: 'watch-lamp' })}
                >
                    {t('lamp-code.watch')}
                </SmallButton>
                <SmallButton
                    disabled={busy}
                    note={minutes('parking-brake')}
                    onClick={() => void onAct({ do: 'parking-brake' })}
                >
                    {t('lamp-code.parking-brake')}
                </SmallButton>
            </div>
            <TwoNumbers
                name={t('lamp-code.pedal')}
                fields={[
                    { field: 'times', label: t('lamp-code.times'), start: '' },
                    { field: 'seconds', label: t('lamp-code.seconds'), start: '' },
                ]}
                submit={t('lamp-code.press')}
                busy={busy}
                onNumbers={([times, seconds], onFields) =>
                    void onAct({ do: 'press-pedal', times: Math.round(times), seconds }, onFields)
                }
            />
        </>
    );
}

function PowerSwitch({ busy, onAct }: PanelProps) {
    return (
        <TwoNumbers
            name={t('lamp-code.power')}
            fields={[
                { field: 'onSeconds', label: t('lamp-code.on-for'), start: '' },
                { field: 'offSeconds', label: t('lamp-code.off-for'), start: '' },
            ]}
            submit={t('lamp-code.cycle')}
            busy={busy}
            onNumbers={([onSeconds, offSeconds], onFields) =>
                void onAct({ do: 'cycle-power', onSeconds, offSeconds }, onFields)
            }
        />
    );
}

interface TwoNumbersProps {
    name: string;
    fields: [NumberSetting, NumberSetting];
    submit: string;
    busy: boolean;
    onNumbers: (values: [number, number], onFields: (messages: Record<string, string>) => void) => void;
}

interface NumberSetting {
    field: string;
    label: string;
    start: string;
}

function TwoNumbers({ name, fields, submit, busy, onNumbers }: TwoNumbersProps) {
    const [texts, setTexts] = useState<[string, string]>([fields[0].start, fields[1].start]);
    const [errors, setErrors] = useState<Record<string, string>>({});
    return (
        <form
            aria-label={name}
            className="flex items-end gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                const [first, second] = texts.map((text) => typedNumber(text) ?? NaN);
                const missing = [first, second].map((value) => value === undefined || Number.isNaN(value));
                if (missing[0] || missing[1])
                    setErrors({
                        ...(missing[0] ? { [fields[0].field]: t('write.number-missing') } : {}),
                        ...(missing[1] ? { [fields[1].field]: t('write.number-missing') } : {}),
                    });
                else {
                    setErrors({});
                    onNumbers([first!, second!], setErrors);
                }
            }}
        >
            {fields.map((one, index) => (
                <TextField
                    key={one.field}
                    onSlate
                    label={one.label}
                    inputMode="decimal"
                    value={texts[index]}
                    error={errors[one.field]}
                    onChange={(event) =>
                        setTexts(
                            index === 0 ? [event.target.value, texts[1]] : [texts[0], event.target.value],
                        )
                    }
                />
            ))}
            <Button kind="slate-line" type="submit" disabled={busy} className="shrink-0">
                {submit}
            </Button>
        </form>
    );
}
