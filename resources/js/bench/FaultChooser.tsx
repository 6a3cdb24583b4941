import { useState } from 'react';
import type { Car, FaultKind, FaultSetting } from '../api/types';
import { WHOLE_CAR } from '../words/card';
import { Choice } from '../ui/Choice';
import { SelectField, TextField } from '../ui/Field';
import { provocationOptions } from '../words/provocations';
import { t } from '../words/words';
import { atStation, begun, fits, moved, placed } from './moved';
import { placesOf } from './places';
import { SilentHere, SilentMark } from './SilentHere';
import { edited, parsed, spoken, strengthOf } from './strength';
import { isSilent, type SilentFaults } from './useSilentFaults';

interface Props {
    car: Car;
    kinds: FaultKind[];
    /** What this car does not show in the usual strength. */
    silent: SilentFaults;
    fault: FaultSetting;
    errors: Record<string, string>;
    /** Which of the case's faults it is, for the messages beside its fields. */
    position: number;
    onChange: (fault: FaultSetting) => void;
}

/** What sits there is wrong all the time. */
const STEADY: string[] = ['hydraulics', 'brakes', 'nothing'];

/** A list longer than this is searched by name, a shorter one is read in the catalogue's order. */
const READ_AT_ONCE = 12;

/** Which fault, in the order of the strip above; then at which corner, on which wire, how strong. */
export function FaultChooser({ car, kinds, silent, fault, errors, position, onChange }: Props) {
    const kind = kinds.find((one) => one.id === fault.kind) ?? kinds[0]!;
    const channel = car.channels.find((one) => one.id === fault.channel) ?? car.channels[0]!;
    const fitting = kinds.filter((one) => fits(one, car, channel.id) || fits(one, car, WHOLE_CAR));
    const there = byName(fitting.filter((one) => one.station === kind.station));

    const isHere = (one: FaultKind) => isSilent(silent, one.id, placed(one, car, channel.id));
    const isChosen =
        (fault.strength === undefined || fault.strength === strengthOf(kind)) &&
        isSilent(silent, kind.id, fault.channel, fault.conductor);

    const choose = (id: string) => {
        onChange(
            begun(
                kinds.find((one) => one.id === id)!,
                car,
                channel.id,
                fault.conductor,
            ),
        );
    };

    return (
        <>
            <Choice
                label={t('bay.cause-place')}
                value={kind.station}
                onChoose={(next) => onChange(atStation(fault, next, car, kinds))}
                options={placesOf(car, channel.id, fitting)}
                className="mb-1.5 flex-wrap text-small [&>button]:flex-none"
            />
            <Choice
                label={t('bench.kind')}
                value={kind.id}
                onChoose={choose}
                options={there.map((one) => ({
                    value: one.id,
                    label: t(`fault.${one.id}`),
                    mark: <SilentMark is={isHere(one)} />,
                }))}
                className="mb-1 flex-wrap text-small [&>button]:flex-none"
            />
            <SilentHere known={silent.known} among={there.some(isHere)} chosen={isChosen} />
            <div className="flex items-start gap-5">
                {fault.channel !== WHOLE_CAR && (
                    <div>
                        <p aria-hidden className="text-small text-ink-soft">
                            {t('bench.corner')}
                        </p>
                        <Choice
                            label={t('bench.corner')}
                            value={channel.id}
                            onChoose={(id) => onChange(moved(fault, id, car, kinds))}
                            options={car.channels.map(({ id }) => ({ value: id, label: id }))}
                        />
                    </div>
                )}
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
                {fault.channel !== WHOLE_CAR && !STEADY.includes(kind.station) && (
                    <SelectField
                        label={t('bench.when')}
                        value={fault.provokedBy ?? kind.provokedBy}
                        error={errors[`faults.${position}.provokedBy`]}
                        onChange={(event) => onChange(shownWhen(fault, event.target.value))}
                        options={[
                            // what comes and goes by its nature cannot always show
                            ...(kind.provokedBy === '' ? [{ value: '', label: t('bench.always') }] : []),
                            ...provocationOptions(),
                        ]}
                    />
                )}
                {kind.unit !== 'none' && (
                    <Strength
                        key={kind.id}
                        kind={kind}
                        fault={fault}
                        error={errors[`faults.${position}.strength`]}
                        onChange={onChange}
                    />
                )}
            </div>
        </>
    );
}

function shownWhen(fault: FaultSetting, how: string): FaultSetting {
    const always = { ...fault };
    delete always.provokedBy;
    return how === '' ? always : { ...always, provokedBy: how };
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
            label={`${t('bench.strength')} (${t(`strength.${kind.unit}`)})`}
            hint={t('bench.usual', { usual })}
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

function byName(kinds: FaultKind[]): FaultKind[] {
    return kinds.length <= READ_AT_ONCE
        ? kinds
        : kinds.toSorted((one, other) => t(`fault.${one.id}`).localeCompare(t(`fault.${other.id}`)));
}
