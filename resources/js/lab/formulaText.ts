import type { LabFormula } from '../api/types';
import { t } from '../words/words';
import { inUnits, rounded } from '../words/prefixed';

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
