import type { ShownNumber } from '../api/types';
import { fixed } from './reader';
import { t } from './words';

export const THIN_SPACE = '\u2009';

interface Display {
    /** In the unit shown. */
    value: number;
    digits: string;
    unit: string;
}

/** [smallest step for which it is used, divisor, unit], largest first. */
const PREFIXES: Record<ShownNumber['unit'], [number, number, string][]> = {
    ohms: [
        [1000, 1e6, 'MΩ'],
        [1, 1e3, 'kΩ'],
        [0, 1, 'Ω'],
    ],
    volts: [
        [0.001, 1, 'V'],
        [0, 1e-3, 'mV'],
    ],
    amperes: [
        [0.01, 1, 'A'],
        [0, 1e-3, 'mA'],
    ],
    hertz: [[0, 1, 'Hz']],
    metres: [[0, 1e-3, 'mm']],
    metresPerSecond: [[0, 1 / 3.6, 'km/h']],
    newtons: [[0, 1, 'N']],
    seconds: [
        [0.01, 1, 's'],
        [0, 1e-3, 'ms'],
    ],
};

/** What is said instead of a number that is greater than the display can show. */
function beyond({ unit }: ShownNumber): string {
    return t(unit === 'ohms' ? 'reading.no-passage' : 'reading.beyond-range');
}

/** A number as its display shows it: the prefix and the digits follow from the display's own step. */
export function display(number: ShownNumber): Display {
    const choices = PREFIXES[number.unit];
    const [, divisor, unit] =
        choices.find(([step]) => number.resolution >= step * 0.999) ?? choices[choices.length - 1]!;
    const value = number.si / divisor;
    if (number.overload) return { value, digits: beyond(number), unit: '' };
    const decimals = Math.max(0, Math.ceil(-Math.log10(number.resolution / divisor) - 0.01));
    return { value, digits: fixed(value, decimals), unit };
}

export function displayed(number: ShownNumber): string {
    const { digits, unit } = display(number);
    return number.overload ? digits : `${digits}${THIN_SPACE}${unit}`;
}

const WRITTEN = {
    ohms: ['Ω', 'kΩ', 'MΩ'],
    volts: ['mV', 'V'],
    amperes: ['mA', 'A'],
    hertz: ['Hz'],
    metres: ['mm'],
    metresPerSecond: ['km/h'],
    newtons: ['N', 'kN'],
    seconds: ['ms', 's'],
} as const;

/** Units in which a reading of this kind can be written down. */
export function writtenUnits(unit: ShownNumber['unit']): readonly string[] {
    return WRITTEN[unit];
}

/** Workshop time as hours and minutes. */
export function clock(minutes: number): string {
    const whole = Math.round(minutes);
    return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Minutes as a price tag shows them. */
export function shortMinutes(minutes: number): string {
    return `${points(minutes)}${THIN_SPACE}min`;
}

export function points(value: number): string {
    return fixed(value, Number.isInteger(value) ? 0 : 1);
}
