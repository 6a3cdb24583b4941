import type { Attempt } from '../../../api/types';
import { t } from '../../../words/words';
import { stepsOf, type StepOf } from '../../card';
import { WriteDown } from '../../WriteDown';
import type { PanelProps } from '../SlatePanel';
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
] as const;

type Step = StepOf<(typeof KINDS)[number]>;

/** What was shown last, and the card it can be written on. */
export function Scanned({ attempt, channel, act, busy }: Omit<PanelProps, 'onAct'>) {
    const last = KINDS.flatMap((kind) => stepsOf(attempt.steps, kind) as Step[])
        .filter((step) => step.observation.refusal === '')
        .sort((one, other) => other.number - one.number)[0];
    if (last === undefined) return <p className="text-slate-soft">{t('bay.nothing-shown')}</p>;
    const { kind, values } = last.observation;
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between text-small text-slate-soft">
                    <span>{t(`scan-title.${last.action.do}`)}</span>
                    <span>{t('bay.step', { step: last.number })}</span>
                </p>
                <Result step={last} attempt={attempt} channel={channel} />
            </div>
            {(values.answer === 'yes' || kind === 'lamp-watched') && kind !== 'cleared' && (
                <WriteCode key={last.number} act={act} busy={busy} digits={attempt.car.codeDigits} />
            )}
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
        case 'recording':
            return <Recording car={attempt.car} observation={observation} channel={channel} />;
        case 'lamp-watched':
            return <BlinkingLamp key={step.number} seen={String(values.lamp)} />;
        default:
            return <SpeedList car={attempt.car} observation={observation} />;
    }
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
