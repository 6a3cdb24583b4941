import { useEffect, useRef, useState } from 'react';
import type { Attempt } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useShortcuts } from '../../ui/shortcuts';
import { hasUnit, lastOf, WHOLE_CAR } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { LastSeen } from './LastSeen';

const PLACES = ['ring', 'film', 'gap', 'tip', 'cable', 'sensor-plug', 'module-plug', 'tyre'] as const;
const PLACES_OF_A_BRAKE = ['linings', 'brake-line'] as const;

const SEEN = ['look', 'gauge-gap', 'rock-wheel', 'look-at-lamps'] as const;

/** Looking: at the lamps, and closely at each place of the chosen corner. */
export function EyesPanel({ attempt, channel, busy, act, onAct }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const [manner, setManner] = useState<'closely' | 'in-passing'>('closely');
    const passes = (at: string) => manner === 'in-passing' && attempt.manners[at]?.includes(manner) === true;
    const lamps = () => onAct({ do: 'look-at-lamps' });
    useShortcuts({ v: lamps });
    const top = useRef<HTMLDivElement>(null);
    const latest = Math.max(0, ...SEEN.map((one) => lastOf(attempt.steps, one)?.number ?? 0));
    useEffect(() => {
        void top.current?.scrollIntoView({ block: 'nearest' }); // what was just seen stands above
    }, [latest]);
    return (
        <>
            <div ref={top} />
            <LastSeen attempt={attempt} act={act} onAct={onAct} busy={busy} />
            <Button
                kind="slate-line"
                disabled={busy}
                note={minutes('look-at-lamps')}
                shortcut="V"
                onClick={lamps}
            >
                {t('bay.look-lamps')}
            </Button>
            <h3 className="text-slate-soft">{t(`channel.${channel}`)}</h3>
            <Choice
                label={t('look-manner.how')}
                onSlate
                value={manner}
                onChoose={setManner}
                options={(['closely', 'in-passing'] as const).map((one) => ({
                    value: one,
                    label: t(`look-manner.${one}`),
                }))}
            />
            <div className="flex flex-col gap-1.5">
                {places(attempt, channel).map((at) => (
                    <Button
                        key={at}
                        kind="slate-line"
                        disabled={busy}
                        note={minutes(passes(at) ? 'look.in-passing' : `look.${at}`)}
                        onClick={() =>
                            onAct({
                                do: 'look',
                                channel,
                                at,
                                ...(passes(at) ? { manner: 'in-passing' } : {}),
                            })
                        }
                    >
                        {t(`look.${at}`)}
                    </Button>
                ))}
            </div>
        </>
    );
}

function places({ car }: Attempt, channel: string) {
    if (channel === WHOLE_CAR) return car.placesOfTheCar;
    const links = car.channels.find((one) => one.id === channel)?.links ?? [];
    return [
        ...PLACES,
        ...(links.some((link) => link.name === 'body-plug') ? (['body-plug'] as const) : []),
        ...(hasUnit(car) ? PLACES_OF_A_BRAKE : []),
    ];
}
