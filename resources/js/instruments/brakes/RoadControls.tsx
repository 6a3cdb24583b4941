import { useId, useState } from 'react';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { stepsOf } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { has } from '../tools';
import { FIRST_PARTS, FreeParts, planned, type TypedPart } from './FreeParts';

type Footing = Extract<Action, { do: 'stop-on-closed-ground' }>['footing'];

/** What there is to brake on, and the speeds it can be begun from there. */
const GROUNDS: Record<Footing, number[]> = {
    dry: [5, 20, 40, 60, 80],
    wet: [5, 20, 40, 60, 80],
    snow: [5, 20, 30, 50],
    gravel: [5, 20, 40, 50],
    ice: [5, 20, 30],
    'ice-left': [5, 20, 40, 60],
    'ice-right': [5, 20, 40, 60],
    'dry-then-ice': [5, 20, 30],
    'ice-then-dry': [5, 20, 30, 40],
};

/** The slowest speed there is, in km/h: the first stop of all. */
const WALKING = 5;

const FEET = ['hard', 'gentle'] as const;
const DOINGS = ['brake', 'pull-away', 'free'] as const;

/** As it was set last. */
function doingLast(doings: Record<(typeof DOINGS)[number], number>): (typeof DOINGS)[number] {
    return DOINGS.reduce((last, one) => (doings[one] > doings[last] ? one : last));
}

/** Closed ground: what is under the wheels, and whether the car is braked there, how fast and by what foot, or pulls away. */
export function RoadControls({ attempt, busy, onAct }: Pick<PanelProps, 'attempt' | 'busy' | 'onAct'>) {
    // as it was set last
    const stops = (['stop-on-closed-ground', 'record-stop'] as const)
        .flatMap((kind) => stepsOf(attempt.steps, kind))
        .sort((one, other) => one.number - other.number);
    const last = stops.at(-1)?.action;
    const starts = stepsOf(attempt.steps, 'pull-away').at(-1);
    const free = stepsOf(attempt.steps, 'drive-freely').at(-1);
    const [doing, setDoing] = useState<(typeof DOINGS)[number]>(
        doingLast({
            brake: stops.at(-1)?.number ?? 0,
            'pull-away': starts?.number ?? 0,
            free: free?.number ?? 0,
        }),
    );
    const [footing, setFooting] = useState<Footing>(
        { brake: last, 'pull-away': starts?.action, free: free?.action }[doing]?.footing ?? 'dry',
    );
    const [parts, setParts] = useState<TypedPart[]>(
        free?.action.parts.map((one) => ({ ...one, seconds: String(one.seconds) })) ?? FIRST_PARTS,
    );
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [speed, setSpeed] = useState(last?.kilometresPerHour ?? WALKING);
    const [foot, setFoot] = useState<(typeof FEET)[number]>(last?.hard === true ? 'hard' : 'gentle');
    const ground = useId();
    const speeds = GROUNDS[footing];
    const from = speeds.includes(speed) ? speed : (speeds.filter((one) => one < speed).at(-1) ?? WALKING);
    const stop = { footing, kilometresPerHour: from, hard: foot === 'hard' };
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <>
            <Choice
                onSlate
                label={t('brakes.doing')}
                value={doing}
                onChoose={setDoing}
                options={DOINGS.map((value) => ({ value, label: t(`brakes.do-${value}`) }))}
            />
            <label htmlFor={ground} className="flex items-center gap-2 text-small">
                <span className="text-slate-soft">{t('brakes.footing')}</span>
                <select
                    id={ground}
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
            {doing === 'pull-away' && (
                <Button
                    kind="slate-main"
                    disabled={busy}
                    note={minutes('pull-away')}
                    onClick={() => void onAct({ do: 'pull-away', footing })}
                >
                    {t('brakes.pull-away')}
                </Button>
            )}
            {doing === 'free' && (
                <>
                    <FreeParts parts={parts} errors={errors} onChange={setParts} />
                    <Button
                        kind="slate-main"
                        disabled={busy}
                        note={minutes('drive-freely')}
                        onClick={() => {
                            setErrors({});
                            void onAct({ do: 'drive-freely', footing, parts: planned(parts) }, setErrors);
                        }}
                    >
                        {t('free-road.drive')}
                    </Button>
                </>
            )}
            {doing === 'brake' && (
                <>
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
                        note={minutes(
                            from === WALKING ? 'stop-on-closed-ground.walking' : 'stop-on-closed-ground',
                        )}
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
                </>
            )}
            <p className="text-small text-slate-soft">{t(`brakes.hint-${doing}`)}</p>
        </>
    );
}
