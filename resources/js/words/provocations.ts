import { t } from './words';

/** What can be done to make a fault show that does not always show. */
export const PROVOCATIONS = [
    'steering-left',
    'steering-right',
    'wiggle-cable',
    'wiggle-sensor-plug',
    'wiggle-loom',
    'wiggle-module-plug',
    'heat',
    'wet',
    'vibration',
    'bumps',
] as const;

export type Provocation = (typeof PROVOCATIONS)[number];

export function provocationOptions(): { value: Provocation; label: string }[] {
    return PROVOCATIONS.map((value) => ({ value, label: t(`provoke.${value}`) }));
}
