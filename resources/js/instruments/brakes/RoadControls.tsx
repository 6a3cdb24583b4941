import { useState } from 'react';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { stepsOf } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { has } from '../tools';

type Footing = Extract<Action, { do: 'stop-on-closed-ground' }>['footing'];

/** What there is to brake on, and the speeds it can be begun from there. */
const GROUNDS: Record<Footing, number[]> = {
    dry: [10, 20, 40, 60, 80],
    wet: [10, 20, 40, 60, 80],
    snow: [10, 20, 30, 50],
    gravel: [10, 20, 40, 50],
    ice: [10, 20, 30],
    'ice-left': [10, 20, 40, 60],
    'ice-right': [10, 20, 40, 60],
    'dry-then-ice': [10, 20, 30],
};

const FEET = ['hard', 'gentle'] as const;

/** Closed ground: what is under the wheels, how fast, how the foot presses. */
export function RoadControls({ attempt, busy, onAct }: Pick<PanelProps, 'attempt' | 'busy' | 'onAct'>) {
    // as it was set last
    const last = (['stop-on-closed-ground', 'record-stop'] as const)
        .flatMap((kind) => stepsOf(attempt.steps, kind))
        .sort((one, other) => one.number - other.number)
        .at(-1)?.action;
    const [footing, setFooting] = useState<Footing>(last?.footing ?? 'dry');
    const [speed, setSpeed] = useState(last?.kilometresPerHour ?? 10);
    const [foot, setFoot] = useState<(typeof FEET)[number]>(last?.hard === false ? 'gentle' : 'hard');
    const speeds = GROUNDS[footing];
    const from = speeds.includes(speed) ? speed : (speeds.filter((one) => one < speed).at(-1) ?? 10);
    const stop = { footing, kilometresPerHour: from, hard: foot === 'hard' };
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <>
            <label className="flex items-center gap-2 text-small">
                <span className="text-slate-soft">{t('brakes.footing')}</span>
                <select
                    value={footing}
                    onChange={(event) => setFooting(event.target.value as Footing)}
                    className="flex-auto rounded-edge border border-slate-edge bg-slate-raised px-2 py-1 text-slate-text"
                >
                    {(Object.keys(GROUNDS) as Footing[]).map((value) => (
                        <option key={value} value={value}>
                            {t(`footing.${value}`)}
                        </option>
                    ))}
                </select>
            </label>
            <p aria-hidden className="-mb-1 text-small text-slate-soft">
                {t('brakes.speed')}
            </p>
            <Choice
                onSlate
                label={t('brakes.speed')}
                value={String(from)}
                onChoose={(value) => setSpeed(Number(value))}
                options={speeds.map((one) => ({ value: String(one), label: `${one}` }))}
            />
            <Choice
                onSlate
                label={t('brakes.pedal-pressed')}
                value={foot}
                onChoose={setFoot}
                options={FEET.map((value) => ({ value, label: t(`brakes.foot-${value}`) }))}
            />
            <Button
                kind="slate-main"
                disabled={busy}
                note={minutes('stop-on-closed-ground')}
                onClick={() => void onAct({ do: 'stop-on-closed-ground', ...stop })}
            >
                {t('brakes.stop')}
            </Button>
            {attempt.car.codesBy === 'scan' && has(attempt, 'live-data') && (
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={minutes('record-stop')}
                    onClick={() => void onAct({ do: 'record-stop', ...stop })}
                >
                    {t('brakes.record-stop')}
                </Button>
            )}
            <p className="text-small text-slate-soft">{t('brakes.road-hint')}</p>
        </>
    );
}
