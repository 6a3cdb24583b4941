import { useState } from 'react';
import type { Action } from '../../api/types';
import { ConfirmDialog } from '../../ui/ConfirmDialog';
import { Choice } from '../../ui/Choice';
import { SelectField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { stepsOf } from '../../words/card';
import { has } from '../tools';
import type { PanelProps } from '../room';
import { SmallButton } from './SmallButton';

type Tool = NonNullable<Extract<Action, { do: 'read-codes' }>['tool']>;

/** A tool, the system out of its menu, and what one asks of it. */
export function ToolControls({ attempt, busy, onAct }: PanelProps) {
    const before = stepsOf(attempt.steps, 'read-codes').at(-1)?.action;
    const [tool, setTool] = useState<Tool>(before?.tool ?? 'terminal');
    const [system, setSystem] = useState(before === undefined ? '' : (before.system ?? 'brakes'));
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const [vehicle, setVehicle] = useState(before === undefined ? '' : (before.vehicle ?? attempt.car.id));
    const systems = attempt.toolMenu.find((one) => one.id === vehicle)?.systems ?? [];
    const listed = systems.filter((one) => tool !== 'reader' || one.id === 'engine');
    const mistaken = vehicle !== attempt.car.id;
    const chosen = listed.some((one) => one.id === system) ? system : '';
    const ready = chosen !== '' && !busy;
    const [asked, setAsked] = useState(false);
    const clear = () => void onAct({ do: 'clear-codes', ...(chosen === 'brakes' ? {} : { system: chosen }) });
    return (
        <>
            <Choice
                label={t('scan.tool')}
                onSlate
                value={tool}
                onChoose={setTool}
                options={(['terminal', 'older', 'reader'] as const).map((value) => ({
                    value,
                    label: t(`scan.${value}`),
                }))}
            />
            <div className="grid grid-cols-2 gap-2">
                <SelectField
                    onSlate
                    label={t('scan.vehicle')}
                    value={vehicle}
                    onChange={(event) => setVehicle(event.target.value)}
                    options={[
                        { value: '', label: t('scan.choose-vehicle') },
                        ...attempt.toolMenu.map(({ id, name }) => ({ value: id, label: name })),
                    ]}
                />
                <SelectField
                    onSlate
                    label={t('scan.system')}
                    hint={tool === 'reader' ? t('scan.reader-hint') : undefined}
                    value={chosen}
                    onChange={(event) => setSystem(event.target.value)}
                    options={[
                        { value: '', label: t('scan.choose') },
                        ...listed.map(({ id, name }) => ({ value: id, label: name })),
                    ]}
                />
            </div>
            <div className="grid grid-cols-3 gap-2">
                <SmallButton
                    disabled={!ready}
                    note={minutes('read-codes')}
                    onClick={() =>
                        void onAct({
                            do: 'read-codes',
                            ...(chosen === 'brakes' ? {} : { system: chosen }),
                            ...(tool === 'terminal' ? {} : { tool }),
                            ...(mistaken ? { vehicle } : {}),
                        })
                    }
                >
                    {t('bay.read-codes')}
                </SmallButton>
                <SmallButton
                    disabled={!ready || mistaken || tool === 'reader'}
                    note={minutes('clear-codes')}
                    onClick={() =>
                        attempt.car.asksBeforeClearing && chosen === 'brakes' ? setAsked(true) : clear()
                    }
                >
                    {t('bay.clear-codes')}
                </SmallButton>
                {has(attempt, 'live-data') && (
                    <SmallButton
                        disabled={!ready || mistaken || chosen !== 'brakes'}
                        note={minutes('live-speeds.standing')}
                        onClick={() => void onAct({ do: 'live-speeds', kilometresPerHour: 0 })}
                    >
                        {t('bay.live-standing')}
                    </SmallButton>
                )}
            </div>
            <ConfirmDialog
                title={t('scan.clear-title')}
                open={asked}
                onClose={() => setAsked(false)}
                onConfirm={clear}
            >
                {t('scan.clear-ask')}
            </ConfirmDialog>
            {attempt.state.inSession && (
                <div className="flex items-center gap-2">
                    <p className="flex-1 text-small text-slate-soft">{t('scan.session-note')}</p>
                    <SmallButton
                        disabled={busy}
                        note={minutes('end-session')}
                        onClick={() => void onAct({ do: 'end-session' })}
                    >
                        {t('scan.end-session')}
                    </SmallButton>
                </div>
            )}
        </>
    );
}
