import type { LabFormula } from '../api/types';
import { THIN_SPACE } from '../words/quantities';
import { t } from '../words/words';
import { digits } from '../words/reader';

/** The unit each number of a formula is in; what has none stands alone. */
const UNITS: Record<string, string> = {
    hertz: 'Hz',
    volts: 'V',
    peak: 'V',
    step: 'V',
    pull: 'V',
    supply: 'V',
    lowVolts: 'V',
    highVolts: 'V',
    low: 'A',
    high: 'A',
    ohms: 'Ω',
    cold: 'Ω',
    on: 'Ω',
    pullOhms: 'Ω',
    input: 'Ω',
    gap: 'm',
    decay: 'm',
    seconds: 's',
};

const PREFIXES: [number, string][] = [
    [1e6, 'M'],
    [1e3, 'k'],
    [1, ''],
    [1e-3, 'm'],
    [1e-6, 'µ'],
];

/** A number in a unit with the prefix that fits, to four digits. */
export function inUnits(value: number, unit: string): string {
    const size = Math.abs(value);
    const [factor, prefix] = PREFIXES.find(([least]) => size >= least * 0.9995) ?? [1, ''];
    return `${rounded(value / factor)}${THIN_SPACE}${prefix}${unit}`;
}

/** A formula with its numbers put in. */
export function formulaText({ key, numbers }: LabFormula): string {
    const words = Object.fromEntries(
        Object.entries(numbers).map(([name, value]) => {
            const unit = UNITS[name];
            return [name, unit === undefined ? rounded(value) : inUnits(value, unit)];
        }),
    );
    return t(`lab.formula.${key}.numbers`, words);
}

function rounded(value: number): string {
    return digits(value, 4);
}
