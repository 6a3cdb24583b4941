import type { CaseFields } from '../api/types';

export type Symptom = NonNullable<CaseFields['symptoms']>[number];

const ALL: Record<Symptom, true> = {
    'in-left-bends': true,
    'in-right-bends': true,
    'over-bumps': true,
    'after-rain': true,
    'once-warm': true,
    'after-other-work': true,
    'pedal-beats-at-the-end': true,
    'pedal-beats-on-slippery-ground': true,
    'noise-on-pulling-away': true,
    'pulls-left': true,
    'pulls-right': true,
    'wheels-lock': true,
    'pedal-low-or-soft': true,
    'pedal-sinks': true,
    'pedal-hard': true,
    'one-wheel-gets-hot': true,
    'hums-when-parked': true,
    'fluid-topped-up': true,
    'pedal-pulses-in-every-stop': true,
    'spins-on-one-icy-side': true,
};

/** Everything a customer can notice, in the order in which it is offered. */
export const SYMPTOMS = Object.keys(ALL) as Symptom[];
