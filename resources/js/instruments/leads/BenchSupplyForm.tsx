import * as z from 'zod/mini';
import type { Attempt } from '../../api/types';
import { padName } from '../../strip/padName';
import { SelectField, TextField } from '../../ui/Field';
import { positive, typed, useCheckedForm } from '../../ui/useCheckedForm';
import { displayed, shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import type { PanelProps } from '../room';
import { SourceForm } from './SourceForm';

const NOWHERE = '';

const setting = z
    .object({
        volts: typed('write.number-missing', positive),
        milliamperes: typed(),
        positive: z.string(),
        negative: z.string(),
        loadFirst: z.string(),
        loadSecond: z.string(),
        loadOhms: typed('write.number-missing', positive),
    })
    .check(({ value: one, issues }) => {
        const wrong = (path: string, message: string) =>
            issues.push({ code: 'custom', path: [path], message: t(message), input: one });
        if (one.positive === NOWHERE) wrong('positive', 'bench-supply.place-it');
        if ((one.loadFirst === NOWHERE) !== (one.loadSecond === NOWHERE))
            wrong('loadSecond', 'bench-supply.both-ends');
    });

/** A laboratory supply with its limit, its leads and a load put on pads by hand, and what it shows of itself. */
export function BenchSupplyForm({ attempt, channel, busy, onAct }: PanelProps) {
    const { bench } = attempt.state;
    const form = useCheckedForm(setting, {
        volts: '12',
        milliamperes: '50',
        positive: NOWHERE,
        negative: NOWHERE,
        loadFirst: NOWHERE,
        loadSecond: NOWHERE,
        loadOhms: '100',
    });
    const last = lastOf(attempt.steps, 'feed-sensor');
    const pins = sensorPins(attempt, channel);
    const named = (id: string) => ({ value: id, label: padName(attempt.car, id) });
    const placed = (what: 'positive' | 'negative' | 'loadFirst' | 'loadSecond', ids: string[]) => (
        <SelectField
            onSlate
            label={t(`bench-supply.${what}`)}
            options={[{ value: NOWHERE, label: t('bench-supply.nowhere') }, ...ids.map(named)]}
            {...form.field(what)}
        />
    );

    return (
        <SourceForm
            wordsUnder="bench-supply."
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
                      })
            }
            onSubmit={form.sending(({ volts, milliamperes, ...leads }) =>
                onAct(
                    { do: 'feed-sensor', channel, volts, milliamperes, reversed: false, leads },
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
            {placed('positive', pins)}
            {placed('negative', pins)}
            <TextField
                onSlate
                label={t('bench-supply.load')}
                inputMode="decimal"
                {...form.field('loadOhms')}
            />
            {placed('loadFirst', [...pins, ...TERMINALS])}
            {placed('loadSecond', [...pins, ...TERMINALS])}
        </SourceForm>
    );
}

const TERMINALS = ['bench.positive', 'bench.negative'];

/** The pins of the sensor itself, on its side of its plug. */
function sensorPins({ car }: Attempt, channel: string): string[] {
    const one = car.channels.find(({ id }) => id === channel);
    const plug = one?.links.find((link) => link.kind === 'plug')?.name;
    return one === undefined ? [] : one.conductors.map((pin) => `${channel}.${plug}.wheel.${pin}`);
}

function Shown({ values }: { values: NonNullable<ReturnType<typeof lastOf>>['observation']['values'] }) {
    const { volts, amperes, holds } = values;
    return (
        <p
            role="status"
            className="tabular flex items-baseline justify-between border-y border-slate-line py-1"
        >
            <span className="text-title text-reading">
                {isNumber(volts) && displayed(volts)} {isNumber(amperes) && displayed(amperes)}
            </span>
            <span className="font-sans text-small">
                {typeof holds === 'string' && t(`bench-supply.holds-${holds}`)}
            </span>
        </p>
    );
}
