import { THIN_SPACE } from './quantities';
import { digits } from './reader';

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

export function rounded(value: number): string {
    return digits(value, 4);
}
