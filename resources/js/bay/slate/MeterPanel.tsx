import { useState } from 'react';
import type { Action } from '../../api/types';
import { padName } from '../../strip/padName';
import type { Leads } from '../../strip/PathStrip';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { display, shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../card';
import { useShortcuts } from '../shortcuts';
import { WriteDown } from '../WriteDown';
import type { PanelProps } from './SlatePanel';

type MeterFunction = Extract<Action, { do: 'measure' }>['function'];

/** The multimeter: function, two leads, a display. It shows the last reading with the pads it was taken at. */
export function MeterPanel({ attempt, busy, act, onAct, leads }: PanelProps & { leads: Leads }) {
    const [chosen, setChosen] = useState<MeterFunction>('ohms');
    const last = lastOf(attempt.steps, 'measure');
    const ready = leads.one !== '' && leads.two !== '';
    const read = () =>
        ready && onAct({ do: 'measure', function: chosen, first: leads.one, second: leads.two });
    useShortcuts({ m: read });

    return (
        <>
            <MeterDisplay step={last} />
            <Choice
                onSlate
                label={t('bay.function')}
                value={chosen}
                onChoose={setChosen}
                options={(['ohms', 'volts-dc', 'volts-ac', 'hertz'] as const).map((value) => ({
                    value,
                    label: t(`meter.${value}`),
                }))}
            />
            <ul className="text-small">
                {(['one', 'two'] as const).map((lead) => (
                    <li key={lead} className="flex items-center gap-2 border-b border-slate-line py-1">
                        <span
                            aria-hidden
                            className={`flex size-4 items-center justify-center rounded-full text-ink ${lead === 'one' ? 'bg-lead-one' : 'bg-lead-two'}`}
                        >
                            {lead === 'one' ? '1' : '2'}
                        </span>
                        <span className="sr-only">{t(`bay.lead-${lead}`)}:</span>
                        {leads[lead] === '' ? (
                            <span className="text-slate-soft">{t('bay.no-pad')}</span>
                        ) : (
                            padName(attempt.car, leads[lead])
                        )}
                    </li>
                ))}
            </ul>
            <Button
                kind="slate-main"
                disabled={busy || !ready}
                onClick={read}
                shortcut="M"
                note={shortMinutes(attempt.rates.measure?.minutes ?? 0)}
            >
                {t('bay.take')}
            </Button>
            {last !== undefined && (
                <WriteDown key={last.number} step={last} feature="reading" act={act} busy={busy} />
            )}
            <p className="mt-auto text-small text-slate-soft">
                {chosen === 'ohms' ? t('bay.ohms-caution') : t('bay.volts-caution')}
            </p>
        </>
    );
}

function MeterDisplay({ step }: { step: ReturnType<typeof lastOf<'measure'>> }) {
    const shown = step?.observation.values.reading;
    if (step === undefined || !isNumber(shown)) {
        return (
            <p role="status" className="tabular py-3 text-right text-title text-slate-soft">
                {t('bay.nothing-shown')}
            </p>
        );
    }
    const { digits, unit } = display(shown, t('bay.overload'));
    return (
        <div role="status" aria-label={t('bay.last')}>
            <p className="tabular text-right text-reading">
                <span className="text-display tracking-tighter">{digits}</span>{' '}
                <span className="text-title">{unit}</span>
            </p>
            <p className="tabular flex justify-between text-small text-slate-soft">
                <span>
                    {t(`meter.${step.action.function}`)}, {t('bay.auto')}
                </span>
                <span>{t('bay.step', { step: step.number })}</span>
            </p>
            {step.observation.notes.map((note) => (
                <p key={note} className="mt-1 border-l-4 border-amber pl-2 text-small">
                    {t(`note.${note}`)}
                </p>
            ))}
        </div>
    );
}
