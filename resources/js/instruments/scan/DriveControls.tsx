import { useState } from 'react';
import type { Action } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { hasFoundModule } from '../../words/card';
import { has } from '../tools';
import { NumberForm } from '../../ui/NumberForm';
import type { PanelProps } from '../room';
import { FIRST, FreeStretches, parsed, type Typed } from './FreeStretches';
import { SmallButton } from './SmallButton';

type Route = Extract<Action, { do: 'record-drive' }>['route'];

const ROUTES: Route[] = [
    'usual',
    'straight',
    'left-bends',
    'right-bends',
    'bumps',
    'warm-up',
    'tyre-comparison',
    'check-run',
    'free',
];

/** Driving: a road test, with the speeds recorded where a tool can, or at one speed. */
export function DriveControls({ attempt, busy, onAct }: PanelProps) {
    const [route, setRoute] = useState<Route>('usual');
    const [stretches, setStretches] = useState<Typed[]>([FIRST]);
    const [errors, setErrors] = useState<Record<string, string>>({});
    const free = route === 'free' ? { stretches: parsed(stretches) } : {};
    const drive = (action: Action) => {
        setErrors({});
        void onAct(action, setErrors);
    };
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const rate = route === 'usual' ? 'road-test' : `road-test.${route}`;
    const found = hasFoundModule(attempt);
    const records = attempt.car.codesBy === 'scan' && has(attempt, 'live-data');
    return (
        <section aria-label={t('scan.driving')} className="flex flex-col gap-2 ">
            <SelectField
                onSlate
                label={t('bay.route')}
                value={route}
                onChange={(event) => setRoute(event.target.value as Route)}
                options={ROUTES.map((value) => ({ value, label: t(`route.${value}`) }))}
            />
            {route === 'free' && (
                <FreeStretches stretches={stretches} errors={errors} onChange={setStretches} />
            )}
            <div className="grid grid-cols-3 gap-2">
                <SmallButton
                    disabled={busy}
                    note={minutes(rate)}
                    onClick={() =>
                        drive({ do: 'road-test', ...(route === 'usual' ? {} : { route }), ...free })
                    }
                >
                    {t('bay.road-test')}
                </SmallButton>
                {records &&
                    ([true, false] as const).map((onCode) => (
                        <SmallButton
                            key={String(onCode)}
                            disabled={busy || !found}
                            note={minutes(rate)}
                            onClick={() => drive({ do: 'record-drive', route, onCode, ...free })}
                        >
                            {t(onCode ? 'scan.snapshot' : 'scan.record-all')}
                        </SmallButton>
                    ))}
            </div>
            {records && route !== 'free' && (
                <NumberForm
                    settings={[
                        {
                            field: 'kilometresPerHour',
                            label: `${t('bay.drive-at')} (${t('bay.kmh')})`,
                            start: '30',
                        },
                    ]}
                    onNumbers={([kilometresPerHour], onFields) =>
                        void onAct({ do: 'live-speeds', kilometresPerHour }, onFields)
                    }
                >
                    <Button
                        kind="slate-line"
                        type="submit"
                        disabled={busy || !found}
                        note={minutes('live-speeds.driving')}
                        className="shrink-0"
                    >
                        {t('bay.drive')}
                    </Button>
                </NumberForm>
            )}
            {records && !found && <p className="text-small text-slate-soft">{t('scan.find-first')}</p>}
        </section>
    );
}
