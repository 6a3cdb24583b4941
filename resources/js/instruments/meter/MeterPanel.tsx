import { useState } from 'react';
import type { Action, ShownNumber } from '../../api/types';
import { padKind, padName } from '../../strip/padName';
import type { Leads } from '../../strip/Board';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Explain } from '../../ui/Explain';
import { shortMinutes } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';
import { lastOf } from '../../words/card';
import { useShortcuts } from '../../ui/shortcuts';
import { commandsAt, Meanwhile } from '../Meanwhile';
import { WriteDown } from '../WriteDown';
import { MeterDisplay } from './MeterDisplay';
import { MeterModes, type Modes } from './MeterModes';
import { Proven } from './Proven';
import type { PanelProps } from '../room';

type Measure = Extract<Action, { do: 'measure' }>;

const FUNCTIONS = ['ohms', 'continuity', 'volts-dc', 'volts-ac', 'milliamperes', 'hertz'] as const;
const AS_IT_COMES_UP: Modes = { fullScale: null, relativeTo: 0, records: false };

/** The multimeter: function, two leads, a display. It shows the last reading with the pads it was taken at. */
export function MeterPanel({ attempt, busy, act, onAct, leads }: PanelProps) {
    const last = lastOf(attempt.steps, 'measure');
    const [chosen, setChosen] = useState<Measure['function']>(last?.action.function ?? 'ohms');
    const [modes, setModes] = useState(AS_IT_COMES_UP);
    const [held, setHeld] = useState<ShownNumber | null>(null);
    const [commands, setCommands] = useState<string[]>([]);
    const ready = leads.one !== '' && leads.two !== '';
    const pads = [leads.one, leads.two];
    const read = () => ready && onAct(measure(chosen, leads, modes, commandsAt(attempt, pads, commands)));
    useShortcuts({ m: read });
    const shown = last?.observation.values.reading;

    return (
        <>
            <MeterDisplay step={last} meter={attempt.meter} held={held} />
            <Choice
                onSlate
                label={t('bay.function')}
                value={chosen}
                onChoose={(next) => {
                    setChosen(next);
                    setModes(AS_IT_COMES_UP);
                }}
                options={FUNCTIONS.map((value) => ({ value, label: t(`meter.${value}`) }))}
                className="gap-1! text-small"
            />
            <MeterModes
                meter={attempt.meter}
                chosen={chosen}
                modes={modes}
                last={
                    last?.action.function === chosen && isNumber(shown) ? absolute(shown, last.action) : null
                }
                held={held !== null}
                onChange={setModes}
                onHold={() => setHeld(held === null && isNumber(shown) ? shown : null)}
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
                            <>
                                <span className="min-w-0 flex-1">{padName(attempt.car, leads[lead])}</span>
                                <Explain
                                    onSlate
                                    what={padName(attempt.car, leads[lead])}
                                    text={t(`help.pad.${padKind(attempt.car, leads[lead])}`)}
                                />
                            </>
                        )}
                    </li>
                ))}
            </ul>
            <Meanwhile attempt={attempt} pads={pads} commands={commands} onCommands={setCommands} />
            <div className="grid grid-cols-[3fr_2fr] gap-2">
                <Button
                    kind="slate-main"
                    disabled={busy || !ready}
                    onClick={read}
                    shortcut="M"
                    note={shortMinutes(attempt.rates.measure?.minutes ?? 0)}
                >
                    {t('bay.take')}
                </Button>
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={shortMinutes(attempt.rates['prove-meter']?.minutes ?? 0)}
                    onClick={() => void onAct({ do: 'prove-meter' })}
                >
                    {t('prove.meter')}
                </Button>
            </div>
            <Proven attempt={attempt} />
            {last !== undefined && (
                <WriteDown key={last.number} step={last} feature="reading" act={act} busy={busy} />
            )}
            <p className="mt-auto text-small text-slate-soft">{t(`caution.${chosen}`)}</p>
        </>
    );
}

function measure(
    name: Measure['function'],
    leads: Leads,
    { fullScale, relativeTo, records }: Modes,
    commands: string[],
): Measure {
    return {
        do: 'measure',
        function: name,
        first: leads.one,
        second: leads.two,
        ...(fullScale === null ? {} : { fullScale }),
        ...(relativeTo === 0 ? {} : { relativeTo }),
        ...(records ? { records } : {}),
        ...(commands.length === 0 ? {} : { while: commands }),
    };
}

/** The reading without what the display had subtracted. */
function absolute(shown: ShownNumber, { relativeTo }: Measure): ShownNumber | null {
    return shown.overload ? null : { ...shown, si: shown.si + (relativeTo ?? 0) };
}
