import type { Action, Car } from '../api/types';

export type RepairKind = Extract<Action, { do: 'repair' }>['kind'];

const ALL: Record<RepairKind, true> = {
    'clean-plug': true,
    'clean-module-plug': true,
    'renew-extension': true,
    'repair-loom': true,
    'tape-loom': true,
    'clean-ring': true,
    'set-gap': true,
    'clean-tip': true,
    'replace-sensor': true,
    'replace-hub': true,
    'fit-tyre': true,
    'inflate-tyre': true,
    'replace-module': true,
    'replace-fuse': true,
    'replace-relay': true,
    'clean-ground': true,
    'charge-battery': true,
    'replace-hydraulic-unit': true,
    'replace-pump-relay': true,
    'replace-valve-relay': true,
    'replace-unit-fuse': true,
    'mend-unit-wire': true,
    'clean-unit-ground': true,
    'bleed-brakes': true,
    'bleed-brake': true,
    'refit-brake-pipes': true,
    'mend-brake-line': true,
    'code-unit': true,
    'replace-brake-hose': true,
    'replace-caliper': true,
    'free-slide-pins': true,
    'replace-disc': true,
    'replace-linings': true,
    'replace-master-cylinder': true,
    'replace-servo': true,
    'fill-fluid': true,
    'replace-stop-lamp-switch': true,
    'replace-parking-brake-switch': true,
    'replace-level-switch': true,
    'replace-temperature-switch': true,
    'mend-lamp': true,
};

const SWITCHES: Partial<Record<RepairKind, string>> = {
    'replace-level-switch': 'level-switch',
    'replace-temperature-switch': 'temperature-switch',
};

const INSIDE: RepairKind[] = ['replace-pump-relay', 'replace-valve-relay', 'mend-unit-wire'];

/** Whether a car has the part by itself: what lies inside one housing with the unit is renewed with it, and not every unit is told its car. */
export function isMadeOn(car: Car, kind: RepairKind): boolean {
    const renewed = SWITCHES[kind];
    return (
        !(car.unitIntegrated && INSIDE.includes(kind)) &&
        (kind !== 'code-unit' || car.unitCoded) &&
        (renewed === undefined || car.brakeParts.includes(renewed))
    );
}

/** Every repair there is, in the order in which it is offered. */
export const REPAIR_KINDS = Object.keys(ALL) as RepairKind[];
