import { useState } from 'react';
import { SelectField } from '../../ui/Field';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { hasFoundModule } from '../../words/card';
import type { PanelProps } from '../room';
import { SmallButton } from './SmallButton';

/** What the terminal has the module do: run the pump, work the valves of a corner, show its switches. */
export function ActuatorControls({ attempt, busy, onAct }: PanelProps) {
    const parts = attempt.car.brakeParts.filter((part) => part === 'pump' || part.startsWith('valves.'));
    const [part, setPart] = useState(parts[0] ?? '');
    const found = hasFoundModule(attempt);
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <section aria-label={t('scan.actuators')} className="flex flex-col gap-2">
            <SelectField
                onSlate
                label={t('scan.actuator')}
                hint={part === 'pump' ? undefined : t('scan.valves-hint')}
                value={part}
                onChange={(event) => setPart(event.target.value)}
                options={parts.map((value) => ({
                    value,
                    label:
                        value === 'pump'
                            ? t('scan.pump')
                            : t('scan.valves', {
                                  channel: t(`place.${value.slice('valves.'.length)}`),
                              }),
                }))}
            />
            <div className="grid grid-cols-2 gap-2">
                <SmallButton
                    disabled={busy || !found}
                    note={minutes(part === 'pump' ? 'test-actuator.pump' : 'test-actuator.valves')}
                    onClick={() => void onAct({ do: 'test-actuator', part })}
                >
                    {t('scan.run')}
                </SmallButton>
                <SmallButton
                    disabled={busy || !found}
                    note={minutes('read-switches')}
                    onClick={() => void onAct({ do: 'read-switches' })}
                >
                    {t('work.read-switches')}
                </SmallButton>
            </div>
            {!found && <p className="text-small text-slate-soft">{t('scan.find-first')}</p>}
        </section>
    );
}
