import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Slate } from '../../ui/Slate';
import { SelectField } from '../../ui/Field';
import { displayed } from '../../words/quantities';
import { isNumber, isTrace } from '../../words/shown';
import { t } from '../../words/words';
import type { StepOf } from '../../words/card';
import type { Bay } from '../../bay/useBay';
import { WriteDown } from '../WriteDown';
import { Cursors, nameBetween } from './Cursors';
import { ScopeScreen, type Size } from './ScopeScreen';
import { saveCsv } from './saveCsv';

const LARGE: Size = { width: 820, height: 420 };
const BETWEEN = ['between.seconds', 'between.hertz', 'between.volts'];

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
    const [isLarge, setLarge] = useState(false);
    const [feature, setFeature] = useState('a.peak-to-peak');
    const between = nameBetween(feature, cursors);
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
            <Cursors traces={traces} cursors={cursors} onMove={setCursors} />
            <Dialog title={t('scope.screen')} open={isLarge} wide onClose={() => setLarge(false)}>
                <Slate label={t('scope.screen')} className="gap-3 p-3">
                    <ScopeScreen traces={traces} cursors={cursors} running={running} size={LARGE} />
                    <Cursors traces={traces} cursors={cursors} onMove={setCursors} />
                </Slate>
            </Dialog>
            <div className="grid grid-cols-3 gap-2">
                <Button kind="slate-line" onClick={() => setLarge(true)}>
                    {t('scope.larger')}
                </Button>
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
                        options={[...numbers.map(([name]) => name), ...shapes, ...BETWEEN].map((name) => ({
                            value: name,
                            label: t(`trace.${name}`),
                        }))}
                    />
                    <WriteDown
                        key={feature}
                        step={step}
                        feature={between?.name ?? feature}
                        unitsOf={between?.unit}
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
