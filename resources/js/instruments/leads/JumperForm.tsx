import type { Action, Attempt } from '../../api/types';
import { padName } from '../../strip/padName';
import { Button } from '../../ui/Button';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type JumperLeads = Extract<Action, { do: 'connect-leads' }>['leads'];

/** Jumper leads from pad to pad, or a whole sensor to another corner's loom; and the breakout lead at the module. */
export function JumperForm({ attempt, channel, busy, onAct, leads }: PanelProps) {
    const { jumpers, breakout } = attempt.state;
    const note = shortMinutes(attempt.rates['connect-leads']?.minutes ?? 0);
    const connect = (next: JumperLeads) => void onAct({ do: 'connect-leads', leads: next });
    const ready = leads.one !== '' && leads.two !== '';
    return (
        <>
            <ul role="status" className="text-reading">
                {jumpers.length === 0 && <li>{t('leads.none')}</li>}
                {jumpers.map(({ first, second }) => (
                    <li key={`${first} ${second}`} className="border-b border-slate-line py-0.5 text-small">
                        {t('leads.on', {
                            first: padName(attempt.car, first),
                            second: padName(attempt.car, second),
                        })}
                    </li>
                ))}
            </ul>
            {others(attempt, channel).map((other) => (
                <Button
                    key={other}
                    kind="slate-line"
                    disabled={busy}
                    note={note}
                    onClick={() => connect(toLoomOf(attempt, channel, other))}
                >
                    {t('leads.other-side', { channel: other })}
                </Button>
            ))}
            <Button
                kind="slate-line"
                disabled={busy || !ready}
                note={note}
                onClick={() => connect([...jumpers, { first: leads.one, second: leads.two }])}
            >
                {t('leads.between')}
            </Button>
            <Button kind="slate-line" disabled={busy || jumpers.length === 0} onClick={() => connect([])}>
                {t('leads.take-off')}
            </Button>
            <p className="text-small text-slate-soft">{t('leads.jumper-hint')}</p>
            <Button
                kind="slate-line"
                disabled={busy}
                note={shortMinutes(attempt.rates['fit-breakout']?.minutes ?? 0)}
                onClick={() => void onAct({ do: 'fit-breakout', fitted: !breakout })}
            >
                {breakout ? t('leads.breakout-out') : t('leads.breakout-in')}
            </Button>
            {breakout && <p className="text-small text-reading">{t('leads.breakout-is-in')}</p>}
        </>
    );
}

/** The corners whose loom takes this sensor: of the same kind, and with as many wires. */
function others({ car }: Attempt, channel: string): string[] {
    const here = car.channels.find((one) => one.id === channel)!;
    return car.channels
        .filter((one) => one.id !== channel && one.technology === here.technology)
        .map((one) => one.id);
}

/** Every pin of this sensor to the same pin of the other corner's loom. */
function toLoomOf({ car }: Attempt, channel: string, other: string): JumperLeads {
    const plug = (id: string) =>
        car.channels.find((one) => one.id === id)!.links.find((link) => link.kind === 'plug')!.name;
    return car.channels
        .find((one) => one.id === channel)!
        .conductors.map((pin) => ({
            first: `${channel}.${plug(channel)}.wheel.${pin}`,
            second: `${other}.${plug(other)}.module.${pin}`,
        }));
}
