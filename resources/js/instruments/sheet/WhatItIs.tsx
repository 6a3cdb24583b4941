import { useState } from 'react';
import type { Action, Attempt } from '../../api/types';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { t } from '../../words/words';
import type { PanelProps } from '../room';

type Written = Extract<Action, { do: 'write-sensor' }>;

const KINDS: Written['technology'][] = ['passive', 'current', 'pulse-width', 'sinking', 'sourcing'];
const WIRES: Written['wires'] = ['coil', 'supply', 'return', 'ground', 'signal'];

interface Props {
    attempt: Attempt;
    channel: string;
    busy: boolean;
    onAct: PanelProps['onAct'];
}

/** What kind of sensor it is and what each wire does, to be written on the card. */
export function WhatItIs({ attempt, channel, busy, onAct }: Props) {
    const pins = attempt.car.channels.find((one) => one.id === channel)?.conductors ?? [];
    const [technology, setTechnology] = useState<Written['technology'] | ''>('');
    const [wires, setWires] = useState<Record<string, string>>({});
    const chosen = pins.map((pin) => WIRES.find((one) => one === wires[pin]));
    const complete = technology !== '' && chosen.every((one) => one !== undefined);
    return (
        <details className="border-t border-slate-line pt-1">
            <summary className="cursor-pointer">
                {t('what-it-is.title', { channel: t(`place.${channel}`) })}
            </summary>
            <div className="flex flex-col gap-2 pt-2">
                <SelectField
                    onSlate
                    label={t('what-it-is.kind')}
                    value={technology}
                    onChange={(event) => setTechnology(event.target.value as Written['technology'] | '')}
                    options={[
                        { value: '', label: t('what-it-is.choose') },
                        ...KINDS.map((value) => ({ value, label: t(`technology.${value}`) })),
                    ]}
                />
                {pins.map((pin) => (
                    <SelectField
                        key={pin}
                        onSlate
                        label={t('what-it-is.wire', { wire: pin })}
                        value={wires[pin] ?? ''}
                        onChange={(event) => setWires({ ...wires, [pin]: event.target.value })}
                        options={[
                            { value: '', label: t('what-it-is.choose') },
                            ...WIRES.map((value) => ({ value, label: t(`wire-function.${value}`) })),
                        ]}
                    />
                ))}
                <Button
                    kind="slate-line"
                    disabled={busy || !complete}
                    onClick={() =>
                        technology !== '' &&
                        void onAct({
                            do: 'write-sensor',
                            channel,
                            technology,
                            wires: chosen.flatMap((one) => (one === undefined ? [] : [one])),
                        })
                    }
                >
                    {t('what-it-is.write')}
                </Button>
            </div>
        </details>
    );
}
