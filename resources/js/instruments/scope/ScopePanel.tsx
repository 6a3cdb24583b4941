import { useState } from 'react';
import type { Action } from '../../api/types';
import { padPair } from '../../strip/padName';
import type { Leads } from '../../strip/Board';
import { Button } from '../../ui/Button';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import { useShortcuts } from '../../ui/shortcuts';
import { CompareFile } from './CompareFile';
import { ScopeControls, type Knobs } from './ScopeControls';
import { ScopeReadout } from './ScopeReadout';
import { typedNumber } from '../../words/number';
import type { PanelProps } from '../room';

type Capture = Extract<Action, { do: 'capture' }>;
export type Pads = Pick<Leads, 'one' | 'two'>;

/** The scope: input 1 is where the leads are; they can be kept on input 2 and moved on. */
export function ScopePanel({ attempt, busy, act, onAct, leads }: PanelProps) {
    const last = lastOf(attempt.steps, 'capture');
    const [knobs, setKnobs] = useState<Knobs>(() => knobsOf(last?.action));
    const [second, setSecond] = useState<Pads | null>(null);
    const ready = leads.one !== '' && leads.two !== '';
    const sweep = () => ready && onAct(capture(knobs, leads, second));
    useShortcuts({ s: sweep });

    return (
        <>
            {last === undefined ? (
                <p className="text-slate-soft">{t('scope.nothing')}</p>
            ) : (
                <ScopeReadout
                    key={last.number}
                    step={last}
                    sights={attempt.sights.trace ?? []}
                    act={act}
                    busy={busy}
                />
            )}
            <Button
                kind="slate-main"
                disabled={busy || !ready}
                onClick={sweep}
                shortcut="S"
                note={shortMinutes(attempt.rates.capture?.minutes ?? 0)}
            >
                {t('scope.capture')}
            </Button>
            <ScopeControls
                knobs={knobs}
                hasSecond={second !== null}
                onChange={(part) => setKnobs({ ...knobs, ...part })}
            />
            {second === null ? (
                <Button kind="slate-line" disabled={!ready} onClick={() => setSecond(leads)}>
                    {t('scope.keep-as-b')}
                </Button>
            ) : (
                <Button kind="slate-line" onClick={() => setSecond(null)} note={t('scope.drop-b')}>
                    {t('scope.b-on', { pads: padPair(attempt.car, second.one, second.two) })}
                </Button>
            )}
            <CompareFile />
        </>
    );
}

function knobsOf(action?: Capture): Knobs {
    return {
        time: String(action?.secondsPerDivision ?? 0.01),
        voltsA: String(action?.inputs[0]?.voltsPerDivision ?? 0.05),
        voltsB: String(action?.inputs[1]?.voltsPerDivision ?? 0.5),
        couplingA: action?.inputs[0]?.coupling ?? 'dc',
        couplingB: action?.inputs[1]?.coupling ?? 'dc',
        source: action?.trigger.input === 1 ? 'b' : 'a',
        level: String(action?.trigger.volts ?? 0),
        edge: action?.trigger.edge ?? 'rising',
    };
}

function capture(knobs: Knobs, leads: Pads, second: Pads | null): Capture {
    const level = typedNumber(knobs.level) ?? NaN;
    const a = {
        first: leads.one,
        second: leads.two,
        voltsPerDivision: Number(knobs.voltsA),
        coupling: knobs.couplingA,
    };
    const b =
        second === null
            ? []
            : [
                  {
                      first: second.one,
                      second: second.two,
                      voltsPerDivision: Number(knobs.voltsB),
                      coupling: knobs.couplingB,
                  },
              ];
    return {
        do: 'capture',
        inputs: [a, ...b],
        secondsPerDivision: Number(knobs.time),
        trigger: {
            input: second !== null && knobs.source === 'b' ? 1 : 0,
            volts: Number.isNaN(level) ? 0 : level,
            edge: knobs.edge,
        },
    };
}
