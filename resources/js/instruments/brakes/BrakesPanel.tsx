import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { has } from '../tools';
import { LiftControls } from './LiftControls';
import { lastTried } from './lastTried';
import { RoadControls } from './RoadControls';
import { Tried } from './Tried';

type Place = 'pedal' | 'lift' | 'rollers' | 'road';

/** Where one was last, one goes on. */
const PLACES: Record<string, Place> = {
    'test-actuator': 'lift',
    'brake-on-rollers': 'rollers',
    'stop-on-closed-ground': 'road',
    'record-stop': 'road',
    'pull-away': 'road',
    'drive-freely': 'road',
};

const AXLES = ['front', 'rear'] as const;

/** What shows how a car brakes: while it stands, the pedal, valves and pump on the lift, the roller bench; and how it stops on closed ground. */
export function BrakesPanel(props: PanelProps) {
    const { attempt, busy, onAct } = props;
    const places: Place[] = [
        'pedal',
        ...(has(attempt, 'actuator-tests') ? (['lift'] as const) : []),
        ...(has(attempt, 'roller-bench') ? (['rollers'] as const) : []),
        'road',
    ];
    const last = lastTried(attempt);
    const [place, setPlace] = useState<Place>(
        last === undefined ? 'pedal' : (PLACES[last.action.do] ?? 'pedal'),
    );
    const [axle, setAxle] = useState<(typeof AXLES)[number]>('front');
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const running = attempt.state.ignition === 'running';
    return (
        <>
            <Choice
                onSlate
                label={t('brakes.where')}
                value={place}
                onChoose={setPlace}
                options={places.map((value) => ({ value, label: t(`brakes.${value}-short`) }))}
                className="border-b border-slate-line pb-2"
            />
            {place === 'pedal' && (
                <>
                    <Button
                        kind="slate-main"
                        disabled={busy}
                        note={minutes('try-pedal')}
                        onClick={() => void onAct({ do: 'try-pedal' })}
                    >
                        {t('brakes.try-pedal')}
                    </Button>
                    <Button
                        kind="slate-line"
                        disabled={busy}
                        note={minutes('try-pedal')}
                        onClick={() => void onAct({ do: 'try-pedal', pumped: true })}
                    >
                        {t('brakes.pump-pedal')}
                    </Button>
                    <p className="text-small text-slate-soft">
                        {t(running ? 'brakes.assisted' : 'brakes.unassisted')}
                    </p>
                </>
            )}
            {place === 'lift' && <LiftControls attempt={attempt} busy={busy} onAct={onAct} />}
            {place === 'rollers' && (
                <>
                    <Choice
                        onSlate
                        label={t('brakes.axle')}
                        value={axle}
                        onChoose={setAxle}
                        options={AXLES.map((value) => ({ value, label: t(`axle.${value}`) }))}
                    />
                    <Button
                        kind="slate-main"
                        disabled={busy}
                        note={minutes('brake-on-rollers')}
                        onClick={() => void onAct({ do: 'brake-on-rollers', axle })}
                    >
                        {t('brakes.on-rollers')}
                    </Button>
                    <p className="text-small text-slate-soft">{t('brakes.rollers-hint')}</p>
                </>
            )}
            {place === 'road' && <RoadControls attempt={attempt} busy={busy} onAct={onAct} />}
            <Tried {...props} />
            <p className="mt-auto text-small text-slate-soft">{t(`caution.brakes-${place}`)}</p>
        </>
    );
}
