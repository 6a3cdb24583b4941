import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { NumberForm } from '../../ui/NumberForm';
import { shortMinutes } from '../../words/quantities';
import { t } from '../../words/words';
import type { PanelProps } from '../room';
import { SmallButton } from './SmallButton';

/** Bringing the lamp to blink: by the check connector and the pedal, or by switching the power. */
export function LampCodes(props: PanelProps) {
    return props.attempt.car.codesBy === 'power-cycle' ? (
        <PowerSwitch {...props} />
    ) : (
        <Connector {...props} />
    );
}

function Connector({ attempt, busy, onAct }: PanelProps) {
    const minutes = (rate: string) => shortMinutes(attempt.rates[rate]?.minutes ?? 0);
    return (
        <>
            <div className="flex items-center justify-between gap-2">
                <span className="text-small text-slate-soft">{t('lamp-code.connector')}</span>
                <Choice
                    label={t('lamp-code.connector')}
                    onSlate
                    value={attempt.state.connectorOpen ? 'open' : 'closed'}
                    onChoose={(to) => void onAct({ do: 'check-connector', open: to === 'open' })}
                    options={(['closed', 'open'] as const).map((value) => ({
                        value,
                        label: t(`lamp-code.${value}`),
                    }))}
                />
            </div>
            <div className="grid grid-cols-3 gap-2">
                <SmallButton
                    kind="slate-main"
                    disabled={busy}
                    note={minutes('watch-lamp')}
                    className="col-span-2"
                    onClick={() => void onAct({ do: 'watch-lamp' })}
                >
                    {t('lamp-code.watch')}
                </SmallButton>
                <SmallButton
                    disabled={busy}
                    note={minutes('parking-brake')}
                    onClick={() => void onAct({ do: 'parking-brake' })}
                >
                    {t('lamp-code.parking-brake')}
                </SmallButton>
            </div>
            <NumberForm
                name={t('lamp-code.pedal')}
                settings={[
                    { field: 'times', label: t('lamp-code.times'), start: '' },
                    { field: 'seconds', label: t('lamp-code.seconds'), start: '' },
                ]}
                onNumbers={([times, seconds], onFields) =>
                    void onAct({ do: 'press-pedal', times: Math.round(times), seconds }, onFields)
                }
            >
                <Submit busy={busy}>{t('lamp-code.press')}</Submit>
            </NumberForm>
        </>
    );
}

function PowerSwitch({ busy, onAct }: PanelProps) {
    return (
        <NumberForm
            name={t('lamp-code.power')}
            settings={[
                { field: 'onSeconds', label: t('lamp-code.on-for'), start: '' },
                { field: 'offSeconds', label: t('lamp-code.off-for'), start: '' },
            ]}
            onNumbers={([onSeconds, offSeconds], onFields) =>
                void onAct({ do: 'cycle-power', onSeconds, offSeconds }, onFields)
            }
        >
            <Submit busy={busy}>{t('lamp-code.cycle')}</Submit>
        </NumberForm>
    );
}

function Submit({ busy, children }: { busy: boolean; children: ReactNode }) {
    return (
        <Button kind="slate-line" type="submit" disabled={busy} className="shrink-0">
            {children}
        </Button>
    );
}
