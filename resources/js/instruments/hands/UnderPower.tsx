import { useState } from 'react';
import { ConfirmDialog } from '../../ui/ConfirmDialog';
import { Button } from '../../ui/Button';
import { lastOf } from '../../words/card';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { Recording } from '../scan/Recording';

const CAUTIONS = ['stands', 'straight', 'helper', 'clear', 'fumes', 'maker'] as const;

/** Both wheels of the driven axle turned by the idling engine, with their two speeds side by side. */
export function UnderPower({
    attempt,
    channel,
    busy,
    onAct,
}: Pick<PanelProps, 'attempt' | 'channel' | 'busy' | 'onAct'>) {
    const [asked, setAsked] = useState(false);
    const { state, rates, car } = attempt;
    const last = lastOf(attempt.steps, 'run-axle');
    const graph = state.underPower && last?.action.running === true ? last.observation : undefined;
    return (
        <section aria-label={t('power.title')} className="flex flex-col gap-1.5">
            <h3 className="text-slate-soft">{t('power.title')}</h3>
            {state.underPower ? (
                <>
                    <p role="status" className="border-l-4 border-amber-lit pl-3 text-reading">
                        ⚠ {t('power.running', { wheels: state.turningChannels.join(', ') })}
                    </p>
                    <Button
                        kind="slate-main"
                        disabled={busy}
                        onClick={() => void onAct({ do: 'run-axle', running: false })}
                    >
                        {t('power.stop')}
                    </Button>
                </>
            ) : (
                <Button
                    kind="slate-line"
                    disabled={busy}
                    note={shortMinutes(rates['run-axle']?.minutes ?? 0)}
                    onClick={() => setAsked(true)}
                >
                    {t('power.start')}
                </Button>
            )}
            {graph !== undefined && Object.keys(graph.values).length > 0 && (
                <Recording car={car} observation={graph} channel={channel} />
            )}
            <ConfirmDialog
                title={t('power.title')}
                open={asked}
                onClose={() => setAsked(false)}
                onConfirm={() => void onAct({ do: 'run-axle', running: true })}
            >
                <ul className="list-disc pl-5">
                    {CAUTIONS.map((one) => (
                        <li key={one}>{t(`power.caution.${one}`)}</li>
                    ))}
                </ul>
            </ConfirmDialog>
        </section>
    );
}
