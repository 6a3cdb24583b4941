import { Button } from '../../ui/Button';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import { lastOf } from '../card';
import { useShortcuts } from '../shortcuts';
import { WriteDown } from '../WriteDown';
import type { PanelProps } from './SlatePanel';

const PLACES = ['ring', 'gap', 'cable', 'sensor-plug', 'module-plug'] as const;

/** Looking: at the lamps, and closely at each place of the chosen corner. */
export function EyesPanel({ attempt, channel, busy, act, onAct }: PanelProps) {
    const last = lastOf(attempt.steps, 'look');
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    const lamps = () => onAct({ do: 'look-at-lamps' });
    useShortcuts({ v: lamps });
    return (
        <>
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
            <div className="flex flex-col gap-1.5">
                {PLACES.map((at) => (
                    <Button
                        key={at}
                        kind="slate-line"
                        disabled={busy}
                        note={minutes(`look.${at}`)}
                        onClick={() => onAct({ do: 'look', channel, at })}
                    >
                        {t(`look.${at}`)}
                    </Button>
                ))}
            </div>
            {last !== undefined && (
                <>
                    <div role="status" className="border-t border-slate-line pt-2">
                        <p className="flex justify-between text-small text-slate-soft">
                            <span>
                                {t(`look.${last.action.at}`)}, {last.action.channel}
                            </span>
                            <span>{t('bay.step', { step: last.number })}</span>
                        </p>
                        <p className="text-large text-reading">
                            {t(`sight.${String(last.observation.values.sight)}`)}
                        </p>
                    </div>
                    <WriteDown
                        key={last.number}
                        step={last}
                        feature="sight"
                        sights={attempt.sights[last.action.at] ?? []}
                        act={act}
                        busy={busy}
                    />
                </>
            )}
        </>
    );
}
