import * as z from 'zod/mini';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/Field';
import { positive, typed, useCheckedForm } from '../../ui/useCheckedForm';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import type { PanelProps } from '../room';
import { SpeedList } from '../scan/SpeedList';
import { SourceForm } from './SourceForm';

type Injection = Extract<Action, { do: 'inject' }>;
type Shape = Injection['shape'];

/** Amperes are set in milliamperes. */
const PER_UNIT: Record<Shape, number> = { sine: 1, current: 1000, voltage: 1 };

/** What is usual for each shape. */
const USUAL: Record<Shape, string> = { sine: '1', current: '14', voltage: '5' };

const setting = z.object({
    shape: z.enum(['sine', 'current', 'voltage']),
    at: z.enum(['pair', 'first', 'second']),
    hertz: typed('write.number-missing', positive),
    amplitude: typed(),
});

/** A signal generator on the loom side of the open sensor plug; what the module makes of it shows in the live speeds. */
export function GeneratorForm({ attempt, channel, busy, act, onAct }: PanelProps) {
    const { injection } = attempt.state;
    const form = useCheckedForm(setting, { shape: 'sine', at: 'pair', hertz: '10', amplitude: USUAL.sine });
    const shape = form.watch('shape');
    const last = lastOf(attempt.steps, 'live-speeds');
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);

    return (
        <SourceForm
            wordsUnder="inject."
            channel={channel}
            busy={busy}
            minutes={minutes('inject')}
            connected={
                injection === null
                    ? null
                    : t('inject.on', {
                          channel: t(`channel.${injection.channel}`),
                          hertz: injection.hertz,
                          shape: t(`inject.${injection.shape}`),
                      })
            }
            onSubmit={form.sending(({ at, hertz, amplitude }) =>
                onAct(
                    {
                        do: 'inject',
                        channel,
                        shape,
                        hertz,
                        amplitude: amplitude / PER_UNIT[shape],
                        ...(shape === 'sine' && at !== 'pair' ? { at } : {}),
                    },
                    form.refuse,
                ),
            )}
            onTakeOff={() => void onAct({ do: 'inject', channel, shape, hertz: 0, amplitude: 0 })}
            beside={
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('live-speeds.standing')}
                    onClick={() => void act({ do: 'live-speeds', kilometresPerHour: 0 })}
                >
                    {t('inject.speeds')}
                </Button>
            }
            after={
                last !== undefined &&
                last.observation.kind === 'speeds' && (
                    <div role="status">
                        <p className="flex justify-between text-small text-slate-soft">
                            <span>{t('scan-title.live-speeds')}</span>
                            <span>{t('bay.step', { step: last.number })}</span>
                        </p>
                        <SpeedList car={attempt.car} observation={last.observation} />
                    </div>
                )
            }
        >
            <Choice
                onSlate
                label={t('inject.shape')}
                value={shape}
                onChoose={(next) => {
                    form.setValue('shape', next);
                    form.setValue('amplitude', USUAL[next]);
                }}
                options={setting.shape.shape.options.map((value) => ({ value, label: t(`inject.${value}`) }))}
            />
            {shape === 'sine' && (
                <Choice
                    onSlate
                    label={t('inject.at')}
                    value={form.watch('at')}
                    onChoose={(next) => form.setValue('at', next)}
                    options={setting.shape.at.options.map((value) => ({
                        value,
                        label: t(`inject.at.${value}`),
                    }))}
                    className="text-small"
                />
            )}
            <div className="grid grid-cols-2 gap-2">
                <TextField onSlate label={t('inject.hertz')} inputMode="decimal" {...form.field('hertz')} />
                <TextField
                    onSlate
                    label={t(`inject.amplitude-${shape}`)}
                    inputMode="decimal"
                    {...form.field('amplitude')}
                />
            </div>
        </SourceForm>
    );
}
