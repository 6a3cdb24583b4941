import { useState } from 'react';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import type { PanelProps } from '../room';
import { typedNumber } from '../../words/number';
import { SpeedList } from '../scan/SpeedList';

type Injection = Extract<Action, { do: 'inject' }>;
type Shape = Injection['shape'];

/** Amperes are set in milliamperes. */
const PER_UNIT: Record<Shape, number> = { sine: 1, current: 1000, voltage: 1 };

/** A signal generator on the loom side of the open sensor plug; what the module makes of it shows in the live speeds. */
export function GeneratorForm({ attempt, channel, busy, act, onAct }: PanelProps) {
    const { injection } = attempt.state;
    const [shape, setShape] = useState<Shape>('sine');
    const [at, setAt] = useState<NonNullable<Injection['at']>>('pair');
    const [hertz, setHertz] = useState('10');
    const [amplitude, setAmplitude] = useState('1');
    const [errors, setErrors] = useState<Record<string, string>>({});
    const last = lastOf(attempt.steps, 'live-speeds');
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);

    const connect = () => {
        const [frequency, level] = [hertz, amplitude].map((text) => typedNumber(text) ?? NaN);
        if (!(frequency! > 0)) return setErrors({ hertz: t('write.number-missing') });
        if (Number.isNaN(level)) return setErrors({ amplitude: t('write.number-missing') });
        void onAct(
            {
                do: 'inject',
                channel,
                shape,
                hertz: frequency!,
                amplitude: level! / PER_UNIT[shape],
                ...(shape === 'sine' && at !== 'pair' ? { at } : {}),
            },
            setErrors,
        );
    };

    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                connect();
            }}
        >
            <p role="status" className="text-reading">
                {injection === null
                    ? t('inject.off')
                    : t('inject.on', {
                          channel: t(`channel.${injection.channel}`),
                          hertz: injection.hertz,
                          shape: t(`inject.${injection.shape}`),
                      })}
            </p>
            <Choice
                onSlate
                label={t('inject.shape')}
                value={shape}
                onChoose={(next) => {
                    setShape(next);
                    setAmplitude({ sine: '1', current: '14', voltage: '5' }[next]);
                }}
                options={(['sine', 'current', 'voltage'] as const).map((value) => ({
                    value,
                    label: t(`inject.${value}`),
                }))}
            />
            {shape === 'sine' && (
                <Choice
                    onSlate
                    label={t('inject.at')}
                    value={at}
                    onChoose={setAt}
                    options={(['pair', 'first', 'second'] as const).map((value) => ({
                        value,
                        label: t(`inject.at.${value}`),
                    }))}
                    className="text-small"
                />
            )}
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('inject.hertz')}
                    inputMode="decimal"
                    value={hertz}
                    error={errors.hertz}
                    onChange={(event) => setHertz(event.target.value)}
                />
                <TextField
                    onSlate
                    label={t(`inject.amplitude-${shape}`)}
                    inputMode="decimal"
                    value={amplitude}
                    error={errors.amplitude}
                    onChange={(event) => setAmplitude(event.target.value)}
                />
            </div>
            <Button kind="slate-main" type="submit" disabled={busy} note={minutes('inject')}>
                {t('inject.connect', { channel: t(`place.${channel}`) })}
            </Button>
            <div className="grid grid-cols-2 gap-2">
                <Button
                    kind="slate-line"
                    disabled={busy || injection === null}
                    onClick={() => void onAct({ do: 'inject', channel, shape, hertz: 0, amplitude: 0 })}
                >
                    {t('inject.take-off')}
                </Button>
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('live-speeds.standing')}
                    onClick={() => void act({ do: 'live-speeds', kilometresPerHour: 0 })}
                >
                    {t('inject.speeds')}
                </Button>
            </div>
            {last !== undefined && last.observation.kind === 'speeds' && (
                <div role="status">
                    <p className="flex justify-between text-small text-slate-soft">
                        <span>{t('scan-title.live-speeds')}</span>
                        <span>{t('bay.step', { step: last.number })}</span>
                    </p>
                    <SpeedList car={attempt.car} observation={last.observation} />
                </div>
            )}
            <p className="text-small text-slate-soft">{t('inject.caution')}</p>
        </form>
    );
}
