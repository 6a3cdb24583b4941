import { Choice } from '../../ui/Choice';
import { SelectField, TextField } from '../../ui/Field';
import { THIN_SPACE } from '../../words/quantities';
import { t } from '../../words/words';
import { fixed, number } from '../../words/reader';

export interface Knobs {
    time: string;
    voltsA: string;
    voltsB: string;
    couplingA: 'dc' | 'ac';
    couplingB: 'dc' | 'ac';
    source: 'a' | 'b';
    level: string;
    edge: 'rising' | 'falling';
}

interface Props {
    knobs: Knobs;
    hasSecond: boolean;
    onChange: (part: Partial<Knobs>) => void;
}

const TIMES = [0.0001, 0.0002, 0.0005, 0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1];
const VOLTS = [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10];

function scaled(value: number, unit: string): string {
    if (value < 0.001) return `${fixed(value * 1e6, 0)}${THIN_SPACE}µ${unit}`;
    return value < 1
        ? `${fixed(value * 1e3, 0)}${THIN_SPACE}m${unit}`
        : `${number(value)}${THIN_SPACE}${unit}`;
}

const steps = (values: number[], unit: string) =>
    values.map((value) => ({ value: String(value), label: scaled(value, unit) }));

export function ScopeControls({ knobs, hasSecond, onChange }: Props) {
    return (
        <div className="grid grid-cols-2 gap-2">
            <SelectField
                onSlate
                label={t('scope.time')}
                value={knobs.time}
                options={steps(TIMES, 's')}
                onChange={(event) => onChange({ time: event.target.value })}
            />
            <TextField
                onSlate
                label={t('scope.trigger')}
                inputMode="decimal"
                value={knobs.level}
                onChange={(event) => onChange({ level: event.target.value })}
            />
            <Volts
                input="1"
                volts={knobs.voltsA}
                coupling={knobs.couplingA}
                onVolts={(voltsA) => onChange({ voltsA })}
                onCoupling={(couplingA) => onChange({ couplingA })}
            />
            {hasSecond && (
                <Volts
                    input="2"
                    volts={knobs.voltsB}
                    coupling={knobs.couplingB}
                    onVolts={(voltsB) => onChange({ voltsB })}
                    onCoupling={(couplingB) => onChange({ couplingB })}
                />
            )}
            <Choice
                onSlate
                label={t('scope.edge')}
                value={knobs.edge}
                onChoose={(edge) => onChange({ edge })}
                options={(['rising', 'falling'] as const).map((value) => ({
                    value,
                    label: t(`scope.${value}`),
                }))}
                className={hasSecond ? '' : 'col-span-2'}
            />
            {hasSecond && (
                <Choice
                    onSlate
                    label={t('scope.source')}
                    value={knobs.source}
                    onChoose={(source) => onChange({ source })}
                    options={(['a', 'b'] as const).map((value) => ({
                        value,
                        label: t(`scope.input-${value}`),
                    }))}
                />
            )}
        </div>
    );
}

interface VoltsProps {
    input: string;
    volts: string;
    coupling: 'dc' | 'ac';
    onVolts: (volts: string) => void;
    onCoupling: (coupling: 'dc' | 'ac') => void;
}

function Volts({ input, volts, coupling, onVolts, onCoupling }: VoltsProps) {
    return (
        <>
            <SelectField
                onSlate
                label={t('scope.volts', { input })}
                value={volts}
                options={steps(VOLTS, 'V')}
                onChange={(event) => onVolts(event.target.value)}
            />
            <SelectField
                onSlate
                label={t('scope.coupling', { input })}
                value={coupling}
                options={(['dc', 'ac'] as const).map((value) => ({ value, label: t(`scope.${value}`) }))}
                onChange={(event) => onCoupling(event.target.value as 'dc' | 'ac')}
            />
        </>
    );
}
