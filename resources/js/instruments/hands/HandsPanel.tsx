import { useState } from 'react';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { provocationOptions, type Provocation } from '../../words/provocations';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { Attempt } from '../../api/types';
import { EXTENSION, hasUnit, stationsAt, WHOLE_CAR } from '../../words/card';
import { isMadeOn, type RepairKind } from '../../words/repairs';
import { NumberForm } from '../../ui/NumberForm';
import type { PanelProps } from '../room';
import { Rocking } from './Rocking';
import { UnderPower } from './UnderPower';
import { number } from '../../words/reader';

const STEPS = ['chock', 'raise', 'stand', 'lower', 'unchock'] as const;
const REPAIRS: RepairKind[] = [
    'clean-plug',
    'clean-module-plug',
    'repair-loom',
    'tape-loom',
    'set-gap',
    'clean-ring',
    'clean-tip',
    'replace-sensor',
    'replace-hub',
    'fit-tyre',
    'inflate-tyre',
    'replace-module',
];
const REPAIRS_OF_A_BRAKE: RepairKind[] = [
    'bleed-brake',
    'mend-brake-line',
    'replace-brake-hose',
    'free-slide-pins',
    'replace-caliper',
    'replace-linings',
    'replace-disc',
];
const REPAIRS_OF_THE_CAR: RepairKind[] = ['replace-fuse', 'replace-relay', 'clean-ground', 'charge-battery'];
const REPAIRS_OF_THE_BRAKES: RepairKind[] = [
    'replace-hydraulic-unit',
    'replace-pump-relay',
    'replace-valve-relay',
    'replace-unit-fuse',
    'mend-unit-wire',
    'clean-unit-ground',
    'code-unit',
    'bleed-brakes',
    'refit-brake-pipes',
    'replace-master-cylinder',
    'replace-servo',
    'fill-fluid',
    'replace-stop-lamp-switch',
    'replace-parking-brake-switch',
    'replace-level-switch',
    'replace-temperature-switch',
    'mend-lamp',
];

/** Securing, turning a wheel, repairing. */
export function HandsPanel({ attempt, channel, busy, onAct, onRepair }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <>
            <h3 className="text-slate-soft">{t('bay.secure')}</h3>
            <div className="grid grid-cols-2 gap-1.5">
                {STEPS.map((step) => (
                    <Button
                        key={step}
                        kind="slate-line"
                        disabled={busy}
                        note={minutes(`secure.${step}`)}
                        onClick={() => void onAct({ do: 'secure', step })}
                    >
                        {t(`secure-short.${step}`)}
                    </Button>
                ))}
            </div>
            {channel !== WHOLE_CAR && (
                <>
                    <h3 className="text-slate-soft">
                        {t('bay.turn')}, {t(`place.${channel}`)}
                    </h3>
                    <NumberForm
                        settings={[{ field: 'turnsPerSecond', label: t('bay.turns'), start: number(0.5) }]}
                        onNumbers={([turnsPerSecond], onFields) =>
                            void onAct({ do: 'turn-wheel', channel, turnsPerSecond }, onFields)
                        }
                    >
                        <Button kind="slate-line" type="submit" disabled={busy} className="shrink-0">
                            {t('bay.turn-short')}
                        </Button>
                        <Button
                            kind="slate-line"
                            disabled={busy}
                            className="shrink-0"
                            onClick={() => void onAct({ do: 'turn-wheel', channel, turnsPerSecond: 0 })}
                        >
                            {t('bay.stop')}
                        </Button>
                    </NumberForm>
                    <Rocking attempt={attempt} channel={channel} busy={busy} onAct={onAct} />
                    {attempt.car.layout !== 'trailer' && (
                        <UnderPower attempt={attempt} channel={channel} busy={busy} onAct={onAct} />
                    )}
                    <Provoking attempt={attempt} channel={channel} busy={busy} onAct={onAct} />
                </>
            )}
            <h3 className="text-slate-soft">
                {t('bay.repairs')}, {t(`place.${channel}`)}
            </h3>
            <div className="flex flex-col gap-1.5">
                {repairs(attempt, channel)
                    .filter((kind) => isMadeOn(attempt.car, kind))
                    .map((kind) => (
                        <Button
                            key={kind}
                            kind="slate-line"
                            disabled={busy}
                            note={`${minutes(`repair.${kind}`)}  ${attempt.rates[`repair.${kind}`]?.money ?? 0}\u2009€`}
                            onClick={() => onRepair(kind)}
                        >
                            {t(`repair.${kind}`)}
                        </Button>
                    ))}
            </div>
            <p className="mt-auto text-small text-slate-soft">{t('bay.repair-hint')}</p>
        </>
    );
}

function repairs({ car }: Attempt, channel: string): RepairKind[] {
    if (channel === WHOLE_CAR)
        return car.brakeParts.length > 0
            ? [...REPAIRS_OF_THE_CAR, ...REPAIRS_OF_THE_BRAKES]
            : REPAIRS_OF_THE_CAR;
    return [
        ...(stationsAt(car, channel).includes(EXTENSION) ? (['renew-extension'] as const) : []),
        ...REPAIRS,
        ...(hasUnit(car) ? REPAIRS_OF_A_BRAKE : []),
    ];
}

/** Something is moved, warmed or wetted and held so, while another instrument is watched. */
function Provoking({
    attempt,
    channel,
    busy,
    onAct,
}: Pick<PanelProps, 'attempt' | 'channel' | 'busy' | 'onAct'>) {
    const [how, setHow] = useState<Provocation>('wiggle-cable');
    const held = attempt.state.provoked;
    return (
        <div className="grid grid-cols-3 items-end gap-2">
            <div className="col-span-2">
                <SelectField
                    onSlate
                    label={t('provoke.title', { channel: t(`place.${channel}`) })}
                    value={how}
                    onChange={(event) => setHow(event.target.value as Provocation)}
                    options={provocationOptions()}
                />
            </div>
            {held === '' ? (
                <Button
                    kind="slate-line"
                    disabled={busy}
                    onClick={() => void onAct({ do: 'provoke', how, channel })}
                >
                    {t('provoke.hold')}
                </Button>
            ) : (
                <Button
                    kind="slate-main"
                    disabled={busy}
                    onClick={() => void onAct({ do: 'provoke', how: 'nothing', channel })}
                >
                    {t('provoke.let-go')}
                </Button>
            )}
        </div>
    );
}
