import { useState } from 'react';
import type { ShownTrace } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { displayed, THIN_SPACE } from '../../words/quantities';
import { isNumber, isTrace } from '../../words/shown';
import { t } from '../../words/words';
import type { StepOf } from '../../words/card';
import type { Bay } from '../../bay/useBay';
import { WriteDown } from '../WriteDown';
import { ScopeScreen } from './ScopeScreen';
import { saveCsv } from './saveCsv';
import { fixed, precisely } from '../../words/reader';

type Values = StepOf<'capture'>['observation']['values'];

interface Props {
    step: StepOf<'capture'>;
    /** What an eye can take from a trace. */
    sights: string[];
    act: Bay['act'];
    busy: boolean;
}

/** The last sweep: its screen, what the scope says of it, two cursors, and a form to write it down. */
export function ScopeReadout({ step, sights, act, busy }: Props) {
    const { values } = step.observation;
    const traces = ['a.trace', 'b.trace'].map((name) => values[name]).filter(isTrace);
    const numbers = Object.entries(values).filter(([, value]) => isNumber(value));
    const [cursors, setCursors] = useState<[number, number]>([0.25, 0.75]);
    const [running, setRunning] = useState(false);
    const [feature, setFeature] = useState('a.peak-to-peak');
    const shapes = ['a.trace', 'b.trace'].filter((name) => isTrace(values[name]));

    return (
        <>
            <ScopeScreen traces={traces} cursors={cursors} running={running} />
            <div className="tabular grid grid-cols-2 gap-x-3 text-small" role="status">
                {numbers.map(([name, value]) => (
                    <span key={name} className="flex justify-between gap-2 border-b border-slate-line">
                        <span className="font-sans text-slate-soft">{t(`trace.${name}`)}</span>
                        <span className="text-reading">{isNumber(value) && displayed(value)}</span>
                    </span>
                ))}
                {values.trigger === 'none' && <span className="font-sans">{t('scope.no-trigger')}</span>}
                {clipped(values).map((text) => (
                    <span key={text} className="col-span-2 font-sans">
                        {text}
                    </span>
                ))}
                {traces.some((trace) => trace.lows !== undefined) && (
                    <span className="col-span-2 font-sans text-slate-soft">{t('scope.peaks')}</span>
                )}
            </div>
            <Cursors trace={traces[0]} cursors={cursors} onMove={setCursors} />
            <div className="grid grid-cols-2 gap-2">
                <Button kind="slate-line" onClick={() => setRunning(!running)} aria-pressed={running}>
                    {running ? t('scope.hold') : t('scope.run')}
                </Button>
                <Button kind="slate-line" onClick={() => saveCsv(`step-${step.number}.csv`, traces)}>
                    {t('scope.save')}
                </Button>
            </div>
            <details>
                <summary className="cursor-pointer">{t('bay.write-it')}</summary>
                <div className="flex flex-col gap-2 pt-2">
                    <SelectField
                        onSlate
                        label={t('scope.write-what')}
                        value={feature}
                        onChange={(event) => setFeature(event.target.value)}
                        options={[...numbers.map(([name]) => name), ...shapes].map((name) => ({
                            value: name,
                            label: t(`trace.${name}`),
                        }))}
                    />
                    <WriteDown
                        key={feature}
                        step={step}
                        feature={feature}
                        sights={shapes.includes(feature) ? sights : undefined}
                        act={act}
                        busy={busy}
                    />
                </div>
            </details>
        </>
    );
}

/** What runs off the screen, in words. */
export function clipped(values: Values): string[] {
    return (['a', 'b'] as const).flatMap((input, index) => {
        const clips = values[`${input}.clips`];
        return clips === 'top' || clips === 'bottom' || clips === 'both'
            ? [`⚠ ${t(`scope.clips.${clips}`, { input: index + 1 })}`]
            : [];
    });
}

interface CursorsProps {
    trace?: ShownTrace;
    cursors: [number, number];
    onMove: (cursors: [number, number]) => void;
}

/** Two cursors in time, and what lies between them. */
function Cursors({ trace, cursors, onMove }: CursorsProps) {
    if (trace === undefined) return null;
    const seconds = Math.abs(cursors[1] - cursors[0]) * trace.secondsPerSample * trace.steps.length;
    const volts = cursors.map(
        (cursor) =>
            trace.steps[Math.min(trace.steps.length - 1, Math.round(cursor * trace.steps.length))]! *
            trace.voltsPerStep,
    );
    return (
        <div className="text-small">
            {([0, 1] as const).map((which) => (
                <input
                    key={which}
                    type="range"
                    min={0}
                    max={1}
                    step={0.002}
                    value={cursors[which]}
                    aria-label={t(which === 0 ? 'scope.cursor-left' : 'scope.cursor-right')}
                    onChange={(event) =>
                        onMove(
                            which === 0
                                ? [Number(event.target.value), cursors[1]]
                                : [cursors[0], Number(event.target.value)],
                        )
                    }
                    className="block w-full accent-slate-soft"
                />
            ))}
            <p className="flex justify-between">
                <span className="text-slate-soft">{t('scope.between')}</span>
                <span className="tabular text-reading">
                    {precisely(seconds * 1000, 4)}
                    {THIN_SPACE}ms · {seconds > 0 ? precisely(1 / seconds, 4) : '–'}
                    {THIN_SPACE}Hz · {fixed((volts[1]! - volts[0]!) * 1000, 0)}
                    {THIN_SPACE}mV
                </span>
            </p>
        </div>
    );
}
