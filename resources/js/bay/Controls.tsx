import type { Attempt } from '../api/types';
import type { DoAction } from './useBay';
import { Choice } from '../ui/Choice';
import { t } from '../words/words';

interface Props {
    attempt: Attempt;
    channel: string;
    onAct: DoAction;
}

type Ignition = 'off' | 'on' | 'running';
type Footing = 'floor' | 'chocked' | 'raised' | 'stands';

/** Key, plugs and lift: always at hand. */
export function Controls({ attempt, channel, onAct }: Props) {
    const { state, car } = attempt;
    const sensorPlug = car.channels
        .find((one) => one.id === channel)
        ?.links.find((link) => link.kind === 'plug')?.plug;
    return (
        <div className="grid grid-cols-4 gap-3">
            <Labelled label={t('bay.key')}>
                <Choice
                    label={t('bay.key')}
                    value={state.ignition}
                    onChoose={(to: Ignition) => onAct({ do: 'ignition', to })}
                    options={(['off', 'on', 'running'] as const).map((value) => ({
                        value,
                        label: t(
                            value === 'running' && car.layout === 'trailer'
                                ? 'ignition.towed'
                                : `ignition.${value}`,
                        ),
                    }))}
                />
            </Labelled>
            {sensorPlug !== undefined && (
                <Labelled label={`${t('bay.plug')} ${channel}`}>
                    <PlugChoice
                        label={`${t('bay.plug')} ${channel}`}
                        plug={sensorPlug}
                        open={state.openPlugs.includes(sensorPlug)}
                        onAct={onAct}
                    />
                </Labelled>
            )}
            <Labelled label={t('bay.module-plug')}>
                <PlugChoice
                    label={t('bay.module-plug')}
                    plug={car.modulePlug}
                    open={state.openPlugs.includes(car.modulePlug)}
                    onAct={onAct}
                />
            </Labelled>
            <Lift attempt={attempt} onAct={onAct} />
        </div>
    );
}

function Labelled({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <div>
            <p aria-hidden className="text-small text-ink-soft">
                {label}
            </p>
            {children}
        </div>
    );
}

function PlugChoice({
    label,
    plug,
    open,
    onAct,
}: {
    label: string;
    plug: string;
    open: boolean;
    onAct: DoAction;
}) {
    return (
        <Choice
            label={label}
            value={open ? 'open' : 'joined'}
            onChoose={(to: 'open' | 'joined') =>
                onAct(to === 'open' ? { do: 'unplug', plug } : { do: 'join', plug })
            }
            options={[
                { value: 'joined', label: t('plug-state.joined') },
                { value: 'open', label: t('plug-state.open') },
            ]}
        />
    );
}

function Lift({ attempt, onAct }: { attempt: Attempt; onAct: DoAction }) {
    const { state } = attempt;
    const now: Footing = state.onStands
        ? 'stands'
        : state.raised
          ? 'raised'
          : state.chocked
            ? 'chocked'
            : 'floor';
    const next: Record<Footing, ('chock' | 'unchock' | 'raise' | 'stand' | 'lower')[]> = {
        floor: ['chock', 'raise'],
        chocked: ['raise', 'unchock'],
        raised: ['stand', 'lower'],
        stands: ['lower'],
    };
    return (
        <Labelled label={`${t('bay.lift')}: ${t(`footing.${now}`)}`}>
            <div role="group" aria-label={t('bay.lift')} className="flex gap-1.5">
                {next[now].map((step) => (
                    <button
                        key={step}
                        type="button"
                        aria-label={t(`secure.${step}`)}
                        onClick={() => onAct({ do: 'secure', step })}
                        className="flex-1 rounded-edge border border-petrol px-2 py-1 font-semibold text-petrol hover:bg-petrol-tint disabled:opacity-50"
                    >
                        {t(`secure-short.${step}`)}
                    </button>
                ))}
            </div>
        </Labelled>
    );
}
