import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Action, Attempt } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { stepsOf, type StepOf } from '../card';
import { WriteDown } from '../WriteDown';
import { SpeedList } from './SpeedList';
import { NumberForm } from './NumberForm';
import type { PanelProps } from './SlatePanel';

type Scanned = StepOf<'read-codes'> | StepOf<'clear-codes'> | StepOf<'live-speeds'> | StepOf<'road-test'>;

type Route = NonNullable<Extract<Action, { do: 'road-test' }>['route']>;

const ROUTES: Route[] = ['usual', 'straight', 'left-bends', 'right-bends', 'bumps', 'warm-up'];

/** The scan tool, and driving with it. */
export function ScanPanel({ attempt, channel, busy, act, onAct }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const [route, setRoute] = useState<Route>('usual');
    return (
        <>
            <div className="grid grid-cols-2 gap-2">
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('read-codes')}
                    onClick={() => void onAct({ do: 'read-codes' })}
                >
                    {t('bay.read-codes')}
                </Button>
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('clear-codes')}
                    onClick={() => void onAct({ do: 'clear-codes' })}
                >
                    {t('bay.clear-codes')}
                </Button>
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('live-speeds.standing')}
                    onClick={() => void onAct({ do: 'live-speeds', kilometresPerHour: 0 })}
                >
                    {t('bay.live-standing')}
                </Button>
            </div>
            <div className="flex items-end gap-2">
                <div className="min-w-0 flex-1">
                    <SelectField
                        onSlate
                        label={t('bay.route')}
                        value={route}
                        onChange={(event) => setRoute(event.target.value as Route)}
                        options={ROUTES.map((value) => ({ value, label: t(`route.${value}`) }))}
                    />
                </div>
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes(route === 'usual' ? 'road-test' : `road-test.${route}`)}
                    className="shrink-0"
                    onClick={() => void onAct({ do: 'road-test', ...(route === 'usual' ? {} : { route }) })}
                >
                    {t('bay.road-test')}
                </Button>
            </div>
            <NumberForm
                label={`${t('bay.drive-at')} (${t('bay.kmh')})`}
                start="30"
                field="kilometresPerHour"
                onNumber={(kilometresPerHour, onFields) =>
                    void onAct({ do: 'live-speeds', kilometresPerHour }, onFields)
                }
            >
                <Button
                    kind="slate-line"
                    type="submit"
                    disabled={busy}
                    note={minutes('live-speeds.driving')}
                    className="shrink-0"
                >
                    {t('bay.drive')}
                </Button>
            </NumberForm>
            <Shown attempt={attempt} channel={channel} act={act} busy={busy} />
        </>
    );
}

function Shown({ attempt, channel, act, busy }: Omit<PanelProps, 'onAct'>) {
    const last = (['read-codes', 'clear-codes', 'live-speeds', 'road-test'] as const)
        .flatMap((kind) => stepsOf(attempt.steps, kind) as Scanned[])
        .filter((step) => step.observation.refusal === '')
        .sort((one, other) => other.number - one.number)[0];
    if (last === undefined) return <p className="text-slate-soft">{t('bay.nothing-shown')}</p>;
    return (
        <>
            <div role="status" className="border-t border-slate-line pt-2">
                <p className="flex justify-between text-small text-slate-soft">
                    <span>{t(`scan-title.${last.action.do}`)}</span>
                    <span>{t('bay.step', { step: last.number })}</span>
                </p>
                <Result step={last} attempt={attempt} />
            </div>
            {last.action.do === 'read-codes' && last.observation.values.answer === 'yes' && (
                <WriteCode key={last.number} act={act} busy={busy} />
            )}
            {last.action.do === 'live-speeds' && last.observation.kind === 'speeds' && (
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

function Result({ step, attempt }: { step: Scanned; attempt: Attempt }) {
    const { values, kind } = step.observation;
    if (kind === 'no-answer') return <p className="text-reading">{t('bay.no-answer')}</p>;
    if (kind === 'cleared') return <p className="text-reading">{t('bay.codes-cleared')}</p>;
    if (kind === 'driven') return <p className="text-reading">{t('bay.road-test-done')}</p>;
    if (kind === 'codes') {
        const stored = Object.entries(values).filter(([, word]) => word === 'present' || word === 'history');
        if (stored.length === 0) return <p className="text-reading">{t('bay.none-stored')}</p>;
        return (
            <ul>
                {stored.map(([code, status]) => (
                    <li
                        key={code}
                        className="flex justify-between border-b border-slate-line py-1 text-reading"
                    >
                        <span className="tabular text-large">{code}</span>
                        <span>{t(`code-status.${String(status)}`)}</span>
                    </li>
                ))}
            </ul>
        );
    }
    return <SpeedList car={attempt.car} observation={step.observation} />;
}

type CodeStatus = Extract<Action, { do: 'write-code' }>['status'];

function WriteCode({ act, busy }: Pick<PanelProps, 'act' | 'busy'>) {
    const [code, setCode] = useState('');
    const [status, setStatus] = useState<CodeStatus>('present');
    const [error, setError] = useState<string>();
    const write = async (what: string, how: CodeStatus) => {
        setError(undefined);
        try {
            await act({ do: 'write-code', code: what, status: how });
            setCode('');
        } catch (refused) {
            setError(
                refused instanceof Refused ? (refused.fields.code ?? refused.message) : t('error.unexpected'),
            );
        }
    };
    return (
        <form
            aria-label={t('bay.write-code')}
            className="flex flex-col gap-2 border-t border-slate-line pt-2"
            onSubmit={(event) => {
                event.preventDefault();
                void write(code.trim().toUpperCase(), status);
            }}
        >
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    onSlate
                    label={t('bay.code')}
                    placeholder="C0000-00"
                    value={code}
                    error={error}
                    onChange={(event) => setCode(event.target.value)}
                />
                <SelectField
                    onSlate
                    label={t('bay.status')}
                    value={status}
                    onChange={(event) => setStatus(event.target.value as CodeStatus)}
                    options={(['present', 'history'] as const).map((one) => ({
                        value: one,
                        label: t(`code-status.${one}`),
                    }))}
                />
            </div>
            <Button kind="slate-main" type="submit" disabled={busy} shortcut="↵">
                {t('bay.write-code')}
            </Button>
            <Button kind="slate-line" disabled={busy} onClick={() => void write('none', '')}>
                {t('bay.note-none')}
            </Button>
        </form>
    );
}
