import { useEffect, useRef } from 'react';
import type { Attempt } from '../../api/types';
import { t } from '../../words/words';
import { stepsOf, type StepOf } from '../../words/card';
import { WriteDown } from '../WriteDown';
import { WriteWords, type Shown } from '../WriteWords';
import type { PanelProps } from '../room';
import { BlinkingLamp } from './BlinkingLamp';
import { CodeList } from './CodeList';
import { Recording } from './Recording';
import { SpeedList } from './SpeedList';
import { WriteCode } from './WriteCode';

const KINDS = [
    'read-codes',
    'clear-codes',
    'live-speeds',
    'road-test',
    'record-drive',
    'watch-lamp',
    'cycle-power',
    'read-switches',
] as const;

type Step = StepOf<(typeof KINDS)[number]>;

/** What was shown last, and the card it can be written on. */
export function Scanned({ attempt, channel, act, busy }: Omit<PanelProps, 'onAct'>) {
    const last = KINDS.flatMap((kind) => stepsOf(attempt.steps, kind) as Step[])
        .filter((step) => step.observation.refusal === '')
        .sort((one, other) => other.number - one.number)[0];
    const result = useRef<HTMLDivElement>(null);
    const shown = useRef(last?.number);
    useEffect(() => {
        // what has just been shown is not left below the edge
        if (shown.current !== last?.number) result.current?.scrollIntoView({ block: 'nearest' });
        shown.current = last?.number;
    }, [last?.number]);
    if (last === undefined) return <p className="text-slate-soft">{t('bay.nothing-shown')}</p>;
    const { kind, values } = last.observation;
    return (
        <>
            <div ref={result} role="status" className="scroll-mb-2 border-t border-slate-line pt-2">
                <p className="flex justify-between text-small text-slate-soft">
                    <span>{title(attempt, last)}</span>
                    <span>{t('bay.step', { step: last.number })}</span>
                </p>
                <Result step={last} attempt={attempt} channel={channel} />
            </div>
            {(values.answer === 'yes' || kind === 'lamp-watched') && kind !== 'cleared' && (
                <WriteCode
                    key={last.number}
                    act={act}
                    busy={busy}
                    digits={attempt.car.codeDigits}
                    rearranged={attempt.state.rearranged}
                />
            )}
            <WriteWords
                key={`${last.number}words`}
                step={last}
                shown={worked(attempt, last)}
                act={act}
                busy={busy}
            />
            {last.action.do === 'live-speeds' && kind === 'speeds' && (
                <WriteDown
                    key={`${last.number}${channel}`}
                    step={last}
                    feature={`${channel}.speed`}
                    act={act}
                    busy={busy}
                />
            )}
        </>
    );
}

/** What the result is of; a system other than the brakes goes by the name the menu gives it. */
function title({ car }: Attempt, { action }: Step): string {
    const asked = action.do === 'read-codes' || action.do === 'clear-codes' ? action.system : undefined;
    const name = car.systems.find((one) => one.id === asked)?.name;
    return name === undefined ? t(`scan-title.${action.do}`) : t('scan.codes-of', { system: name });
}

/** What an actuator or a switch did, as it can be written down. */
function worked({ sights }: Attempt, { observation: { kind, values } }: Step): Shown[] {
    if (kind !== 'switches') return [];
    return Object.keys(values).map((feature) => ({
        feature,
        label: t(`switch.${feature}`),
        sights: sights.switches ?? [],
    }));
}

function Result({ step, attempt, channel }: { step: Step; attempt: Attempt; channel: string }) {
    const { observation } = step;
    const { values } = observation;
    switch (observation.kind) {
        case 'no-answer':
            return <p className="text-reading">{t('bay.no-answer')}</p>;
        case 'not-listed':
            return <p className="text-reading">{t('scan.not-listed')}</p>;
        case 'cleared':
            return (
                <p className="text-reading">
                    {t(values.answer === 'other' ? 'scan.cleared-other' : 'bay.codes-cleared')}
                </p>
            );
        case 'driven':
            return <Driven values={values} />;
        case 'codes':
            return <CodeList observation={observation} />;
        case 'switches':
            return <Switches values={values} />;
        case 'recording':
            return <Recording car={attempt.car} observation={observation} channel={channel} />;
        case 'lamp-watched':
            return <BlinkingLamp key={step.number} seen={String(values.lamp)} />;
        default:
            return <SpeedList car={attempt.car} observation={observation} />;
    }
}

/** Each switch as it answers being worked. */
function Switches({ values }: { values: Step['observation']['values'] }) {
    return (
        <ul className="text-reading">
            {Object.entries(values).map(([name, word]) => (
                <li key={name} className="flex justify-between border-b border-slate-line py-1">
                    <span>{t(`switch.${name}`)}</span>
                    <span>{t(`switch-state.${String(word)}`)}</span>
                </li>
            ))}
        </ul>
    );
}

/** A road test, and in a check mode what the lamp did at the two speeds. */
function Driven({ values }: { values: Step['observation']['values'] }) {
    if (values['level-lamp'] === undefined) return <p className="text-reading">{t('bay.road-test-done')}</p>;
    return (
        <ul className="text-reading">
            {(['level-lamp', 'steady-lamp'] as const).map((window) => (
                <li key={window} className="flex justify-between border-b border-slate-line py-1">
                    <span>{t(`check.${window}`)}</span>
                    <span>{t(`check.${String(values[window])}`)}</span>
                </li>
            ))}
        </ul>
    );
}
