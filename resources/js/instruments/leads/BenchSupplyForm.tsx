import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/Field';
import { displayed, shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import { typedNumber } from '../../words/number';
import type { PanelProps } from '../room';

/** A laboratory supply on the pins of an unplugged sensor, with its limit, and what it shows of itself. */
export function BenchSupplyForm({ attempt, channel, busy, onAct }: PanelProps) {
    const { bench } = attempt.state;
    const [volts, setVolts] = useState('12');
    const [limit, setLimit] = useState('50');
    const [polarity, setPolarity] = useState<'right' | 'reversed'>('right');
    const [errors, setErrors] = useState<Record<string, string>>({});
    const last = lastOf(attempt.steps, 'feed-sensor');

    const connect = () => {
        const [level, most] = [volts, limit].map((text) => typedNumber(text) ?? NaN);
        if (!(level! > 0)) return setErrors({ volts: t('write.number-missing') });
        if (Number.isNaN(most)) return setErrors({ milliamperes: t('write.number-missing') });
        void onAct(
            {
                do: 'feed-sensor',
                channel,
                volts: level!,
                milliamperes: most!,
                reversed: polarity === 'reversed',
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
                {bench === null
                    ? t('bench-supply.off')
                    : t('bench-supply.on', {
                          channel: bench.channel,
                          volts: bench.volts,
                          limit: Math.round(bench.limitAmperes * 1000),
                      }) + (bench.reversed ? `, ${t('bench-supply.reversed-on')}` : '')}
            </p>
            {bench !== null && last !== undefined && <Shown values={last.observation.values} />}
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bench-supply.volts')}
                    inputMode="decimal"
                    value={volts}
                    error={errors.volts}
                    onChange={(event) => setVolts(event.target.value)}
                />
                <TextField
                    onSlate
                    label={t('bench-supply.limit')}
                    inputMode="decimal"
                    value={limit}
                    error={errors.milliamperes}
                    onChange={(event) => setLimit(event.target.value)}
                />
            </div>
            <Choice
                onSlate
                label={t('bench-supply.polarity')}
                value={polarity}
                onChoose={setPolarity}
                options={(['right', 'reversed'] as const).map((value) => ({
                    value,
                    label: t(`bench-supply.${value}`),
                }))}
            />
            <Button
                kind="slate-main"
                type="submit"
                disabled={busy}
                note={shortMinutes(attempt.rates['feed-sensor']?.minutes ?? 0)}
            >
                {t('bench-supply.connect', { channel: t(`place.${channel}`) })}
            </Button>
            <Button
                kind="slate-line"
                disabled={busy || bench === null}
                onClick={() =>
                    void onAct({ do: 'feed-sensor', channel, volts: 0, milliamperes: 0, reversed: false })
                }
            >
                {t('bench-supply.take-off')}
            </Button>
            <p className="text-small text-slate-soft">{t('bench-supply.caution')}</p>
        </form>
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
