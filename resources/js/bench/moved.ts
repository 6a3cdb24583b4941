import { WHOLE_CAR } from '../words/card';
import type { Car, FaultKind, FaultSetting } from '../api/types';

/** Whether a kind of fault can be at this place of this car. */
export function fits(kind: FaultKind, car: Car, place: string): boolean {
    return (kind.places[car.id] ?? []).includes(place);
}

/** The same fault at another place, or the first that fits there. */
export function moved(fault: FaultSetting, place: string, car: Car, kinds: FaultKind[]): FaultSetting {
    const same = kinds.find((one) => one.id === fault.kind);
    return same !== undefined && fits(same, car, place)
        ? { ...fault, channel: place }
        : { kind: kinds.find((kind) => fits(kind, car, place))!.id, channel: place };
}

/** Where a kind of fault goes: to the corner in hand, else to the first place it can be at. */
export function placed(kind: FaultKind, car: Car, place: string): string {
    return fits(kind, car, place) ? place : (kind.places[car.id]?.[0] ?? WHOLE_CAR);
}
