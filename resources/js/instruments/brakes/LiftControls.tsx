import { useState } from 'react';
import type { Action, Attempt } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { hasFoundModule, stepsOf } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type Test = Extract<Action, { do: 'test-actuator' }>;
type Modulation = NonNullable<Test['modulation']> | 'build-up';

const MODULATIONS: Modulation[] = ['reduce', 'hold', 'build-up'];
const ORDERS = ['pedal-first', 'valves-first'] as const;

/** The channels whose valves the terminal can work. */
function wheels({ car }: Attempt): string[] {
    return car.brakeParts.filter((part) => part.startsWith('valves.')).map(wheelOf);
}

function wheelOf(valves: string): string {
    return valves.slice('valves.'.length);
}

/** A helper at the pedal, a hand at the wheels, and the terminal, which works the valves of one wheel or of several, or runs the pump. */
export function LiftControls({ attempt, busy, onAct }: Pick<PanelProps, 'attempt' | 'busy' | 'onAct'>) {
    const there = wheels(attempt);
    // as it was set last
    const last = stepsOf(attempt.steps, 'test-actuator')
        .map(({ action }) => action)
        .filter(({ part }) => part.startsWith('valves.'))
        .at(-1);
    const [chosen, setChosen] = useState<string[]>(
        last === undefined ? there.slice(0, 1) : [last.part, ...(last.with ?? [])].map(wheelOf),
    );
    const [modulation, setModulation] = useState<Modulation>(last?.modulation ?? 'reduce');
    const [order, setOrder] = useState<(typeof ORDERS)[number]>(
        last?.beforePedal === true ? 'valves-first' : 'pedal-first',
    );
    const byTerminal = attempt.car.codesBy === 'scan';
    const found = !byTerminal || hasFoundModule(attempt);
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const building = modulation === 'build-up';
    // pressure without the pedal is built up at one wheel at a time
    const driven = building ? chosen.slice(0, 1) : chosen;
    const toggle = (wheel: string) =>
        building
            ? setChosen([wheel])
            : setChosen(
                  there.filter((one) => (one === wheel ? !chosen.includes(one) : chosen.includes(one))),
              );
    const builds = attempt.car.pads.some(({ id }) => id.endsWith('.priming'));
    const title = t(building ? 'brakes.lift-free' : 'brakes.lift');
    const run = () => {
        if (building) {
            void onAct({ do: 'test-actuator', part: `build-up.${driven[0] ?? ''}` });
            return;
        }
        const [first, ...further] = chosen.map((wheel) => `valves.${wheel}`);
        if (first === undefined) return;
        void onAct({
            do: 'test-actuator',
            part: first,
            ...(modulation === 'reduce' ? {} : { modulation }),
            ...(order === 'pedal-first' ? {} : { beforePedal: true }),
            ...(further.length === 0 ? {} : { with: further }),
        });
    };
    return (
        <section aria-label={title} className="flex flex-col gap-2">
            <h3 className="text-slate-soft">{title}</h3>
            <div role="group" aria-label={t('brakes.wheels')} className="flex gap-1.5">
                {there.map((wheel) => (
                    <button
                        key={wheel}
                        type="button"
                        aria-pressed={driven.includes(wheel)}
                        onClick={() => toggle(wheel)}
                        className="flex-auto rounded-edge border border-slate-edge bg-slate-raised px-2 py-1 text-slate-text aria-pressed:border-reading aria-pressed:bg-reading aria-pressed:font-semibold aria-pressed:text-ink"
                    >
                        {wheel}
                    </button>
                ))}
            </div>
            <Choice
                onSlate
                label={t('brakes.what')}
                value={modulation}
                onChoose={setModulation}
                options={MODULATIONS.filter((value) => builds || value !== 'build-up').map((value) => ({
                    value,
                    label: t(`modulation.${value}`),
                }))}
            />
            {!building && (
                <Choice
                    onSlate
                    label={t('brakes.order')}
                    value={order}
                    onChoose={setOrder}
                    options={ORDERS.map((value) => ({ value, label: t(`brakes.${value}`) }))}
                />
            )}
            <div className="grid grid-cols-2 gap-2">
                <Button
                    kind="slate-main"
                    disabled={busy || !found || chosen.length === 0}
                    note={minutes('test-actuator.valves')}
                    onClick={run}
                >
                    {t('brakes.work-valves')}
                </Button>
                <Button
                    kind="slate-line"
                    disabled={busy || !found}
                    note={minutes('test-actuator.pump')}
                    onClick={() => void onAct({ do: 'test-actuator', part: 'pump' })}
                >
                    {t('brakes.run-pump')}
                </Button>
            </div>
            <Button
                kind="slate-line"
                disabled={busy}
                note={minutes('let-unit-rest')}
                onClick={() => void onAct({ do: 'let-unit-rest' })}
            >
                {t('brakes.rest')}
            </Button>
            <p className="text-small text-slate-soft">{t(found ? 'brakes.lift-hint' : 'scan.find-first')}</p>
            {!byTerminal && <p className="text-small text-slate-soft">{t('brakes.switch-box')}</p>}
        </section>
    );
}
