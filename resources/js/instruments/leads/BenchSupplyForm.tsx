import { z } from 'zod';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/Field';
import { positive, typed, useCheckedForm } from '../../ui/useCheckedForm';
import { displayed, shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import type { PanelProps } from '../room';
import { SourceForm } from './SourceForm';

const setting = z.object({
    volts: typed('write.number-missing', positive),
    milliamperes: typed(),
    polarity: z.enum(['right', 'reversed']),
});

/** A laboratory supply on the pins of an unplugged sensor, with its limit, and what it shows of itself. */
export function BenchSupplyForm({ attempt, channel, busy, onAct }: PanelProps) {
    const { bench } = attempt.state;
    const form = useCheckedForm(setting, { volts: '12', milliamperes: '50', polarity: 'right' });
    const last = lastOf(attempt.steps, 'feed-sensor');

    return (
        <SourceForm
            source="bench-supply"
            channel={channel}
            busy={busy}
            minutes={shortMinutes(attempt.rates['feed-sensor']?.minutes ?? 0)}
            connected={
                bench === null
                    ? null
                    : t('bench-supply.on', {
                          channel: bench.channel,
                          volts: bench.volts,
                          limit: Math.round(bench.limitAmperes * 1000),
                      }) + (bench.reversed ? `, ${t('bench-supply.reversed-on')}` : '')
            }
            onSubmit={form.sending(({ volts, milliamperes, polarity }) =>
                onAct(
                    { do: 'feed-sensor', channel, volts, milliamperes, reversed: polarity === 'reversed' },
                    form.refuse,
                ),
            )}
            onTakeOff={() =>
                void onAct({ do: 'feed-sensor', channel, volts: 0, milliamperes: 0, reversed: false })
            }
        >
            {bench !== null && last !== undefined && <Shown values={last.observation.values} />}
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bench-supply.volts')}
                    inputMode="decimal"
                    {...form.field('volts')}
                />
                <TextField
                    onSlate
                    label={t('bench-supply.limit')}
                    inputMode="decimal"
                    {...form.field('milliamperes')}
                />
            </div>
            <Choice
                onSlate
                label={t('bench-supply.polarity')}
                value={form.watch('polarity')}
                onChoose={(next) => form.setValue('polarity', next)}
                options={setting.shape.polarity.options.map((value) => ({
                    value,
                    label: t(`bench-supply.${value}`),
                }))}
            />
        </SourceForm>
    );
}

function Shown({ values }: { values: NonNullable<ReturnType<typeof lastOf>>['observation']['values'] }) {
    const { volts, amperes, holds } = values;
    return (
        <p
            role="status"
            className="tabular flex items-baseline justify-between border-y border-slate-line py-1"
        >
            <span className="text-title text-reading">
                {isNumber(volts) && displayed(volts, '')} {isNumber(amperes) && displayed(amperes, '')}
            </span>
            <span className="font-sans text-small">
                {typeof holds === 'string' && t(`bench-supply.holds-${holds}`)}
            </span>
        </p>
    );
}
