import { useState } from 'react';
import type { Car, FaultKind, FaultSetting } from '../api/types';
import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';
import { edited, parsed, spoken, strengthOf } from './strength';

interface Props {
    car: Car;
    kinds: FaultKind[];
    fault: FaultSetting;
    errors: Record<string, string>;
    onChange: (fault: FaultSetting) => void;
}

/** Which fault, at which corner, on which wire, how strong. */
export function FaultChooser({ car, kinds, fault, errors, onChange }: Props) {
    const kind = kinds.find((one) => one.id === fault.kind) ?? kinds[0]!;
    const channel = car.channels.find((one) => one.id === fault.channel) ?? car.channels[0]!;

    const choose = (id: string) => {
        const next = kinds.find((one) => one.id === id)!;
        onChange({
            kind: id,
            channel: fault.channel,
            ...(next.onConductor ? { conductor: fault.conductor ?? channel.conductors[0]! } : {}),
        });
    };

    return (
        <div className="grid grid-cols-4 gap-3">
            <SelectField
                label={t('bench.kind')}
                value={kind.id}
                error={errors['faults.0.kind']}
                onChange={(event) => choose(event.target.value)}
                options={kinds.map((one) => ({ value: one.id, label: t(`fault.${one.id}`) }))}
            />
            <SelectField
                label={t('bench.corner')}
                value={channel.id}
                error={errors['faults.0.channel']}
                onChange={(event) => onChange({ ...fault, channel: event.target.value })}
                options={car.channels.map((one) => ({ value: one.id, label: t(`channel.${one.id}`) }))}
            />
            {kind.onConductor ? (
                <SelectField
                    label={t('bench.wire')}
                    value={fault.conductor ?? ''}
                    error={errors['faults.0.conductor']}
                    onChange={(event) => onChange({ ...fault, conductor: event.target.value })}
                    options={channel.conductors.map((one) => ({ value: one, label: one }))}
                />
            ) : (
                <span />
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
    );
}

function Strength({
    kind,
    fault,
    error,
    onChange,
}: {
    kind: FaultKind;
    fault: FaultSetting;
    error?: string;
    onChange: (fault: FaultSetting) => void;
}) {
    const [text, setText] = useState(edited(kind, strengthOf(kind, fault.strength)));
    return (
        <TextField
            label={`${t('bench.strength')} (${t(`strength.${kind.unit}`)})`}
            inputMode="decimal"
            list={`strengths-${kind.id}`}
            value={text}
            error={error}
            hint={kind.strengths.map((one) => spoken(kind, one).split('\u2009')[0]).join(' · ')}
            onChange={(event) => {
                setText(event.target.value);
                const value = parsed(kind, event.target.value);
                if (event.target.value.trim() !== '' && !Number.isNaN(value))
                    onChange({ ...fault, strength: value });
            }}
        />
    );
}
