import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import type { Car, FaultKind, FaultSetting } from '../api/types';
import { STATIONS } from '../bay/card';
import { Choice } from '../ui/Choice';
import { TextField } from '../ui/Field';
import { t } from '../words/words';
import { edited, parsed, spoken, strengthOf } from './strength';

interface Props {
    car: Car;
    kinds: FaultKind[];
    fault: FaultSetting;
    errors: Record<string, string>;
    onChange: (fault: FaultSetting) => void;
}

/** Which fault, in the order of the strip above; then at which corner, on which wire, how strong. */
export function FaultChooser({ car, kinds, fault, errors, onChange }: Props) {
    const kind = kinds.find((one) => one.id === fault.kind) ?? kinds[0]!;
    const channel = car.channels.find((one) => one.id === fault.channel) ?? car.channels[0]!;
    const ordered = [...kinds].sort((one, other) => place(one) - place(other));

    const choose = (id: string) => {
        const next = kinds.find((one) => one.id === id)!;
        const conductor = next.onConductor ? { conductor: fault.conductor ?? channel.conductors[0]! } : {};
        onChange({ kind: id, channel: fault.channel, ...conductor });
    };

    return (
        <>
            <RadioGroup.Root
                aria-label={t('bench.kind')}
                orientation="horizontal"
                value={kind.id}
                onValueChange={choose}
                className="mb-2 grid grid-cols-6 gap-1.5"
            >
                {ordered.map((one) => (
                    <RadioGroup.Item
                        key={one.id}
                        value={one.id}
                        className="rounded-edge border border-floor-deep bg-paper px-1.5 py-1 text-left text-small data-[state=checked]:border-petrol data-[state=checked]:bg-petrol data-[state=checked]:text-marking"
                    >
                        <span className="block opacity-80">{t(`station.${one.station}`)}</span>
                        <span className="block font-semibold">{t(`fault.${one.id}`)}</span>
                    </RadioGroup.Item>
                ))}
            </RadioGroup.Root>
            <div className="flex items-start gap-5">
                <div>
                    <p aria-hidden className="text-small text-ink-soft">
                        {t('bench.corner')}
                    </p>
                    <Choice
                        label={t('bench.corner')}
                        value={channel.id}
                        onChoose={(id) => onChange({ ...fault, channel: id })}
                        options={car.channels.map(({ id }) => ({ value: id, label: id }))}
                    />
                </div>
                {kind.onConductor && (
                    <div>
                        <p aria-hidden className="text-small text-ink-soft">
                            {t('bench.wire')}
                        </p>
                        <Choice
                            label={t('bench.wire')}
                            value={fault.conductor ?? ''}
                            onChoose={(conductor) => onChange({ ...fault, conductor })}
                            options={channel.conductors.map((one) => ({ value: one, label: one }))}
                        />
                    </div>
                )}
                {kind.unit !== 'none' && (
                    <Strength
                        key={kind.id}
                        kind={kind}
                        fault={fault}
                        error={errors['faults.0.strength']}
                        onChange={onChange}
                    />
                )}
            </div>
        </>
    );
}

function place(kind: FaultKind): number {
    return STATIONS.findIndex((station) => station === kind.station);
}

interface StrengthProps {
    kind: FaultKind;
    fault: FaultSetting;
    error?: string;
    onChange: (fault: FaultSetting) => void;
}

function Strength({ kind, fault, error, onChange }: StrengthProps) {
    const [text, setText] = useState(edited(kind, strengthOf(kind, fault.strength)));
    const usual = kind.strengths.map((one) => spoken(kind, one).split('\u2009')[0]).join(', ');
    return (
        <TextField
            label={`${t('bench.strength')} (${t(`strength.${kind.unit}`)}; ${t('bench.usual', { usual })})`}
            inputMode="decimal"
            value={text}
            error={error}
            onChange={(event) => {
                setText(event.target.value);
                const value = parsed(kind, event.target.value);
                if (event.target.value.trim() !== '' && !Number.isNaN(value))
                    onChange({ ...fault, strength: value });
            }}
        />
    );
}
