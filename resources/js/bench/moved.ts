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

/** A fault of this kind, as it is where nothing more has been said of it. */
export function begun(kind: FaultKind, car: Car, place: string, conductor?: string): FaultSetting {
    const channel = placed(kind, car, place);
    const first = car.channels.find(({ id }) => id === channel)?.conductors[0];
    return {
        kind: kind.id,
        channel,
        ...(kind.onConductor && { conductor: conductor ?? first ?? '' }),
        ...(kind.provokedBy !== '' && { provokedBy: kind.provokedBy }),
    };
}

/** The first fault that can sit at this station, at the corner in hand where it can be there; the same fault where none can. */
export function atStation(fault: FaultSetting, station: string, car: Car, kinds: FaultKind[]): FaultSetting {
    const there = kinds.filter((kind) => kind.station === station);
    const first =
        there.find((kind) => fits(kind, car, fault.channel)) ??
        there.find((kind) => (kind.places[car.id] ?? []).length > 0);
    return first === undefined ? fault : begun(first, car, fault.channel, fault.conductor);
}

/** The same fault on another car, as near to where it was as it can be there; null where that car cannot have it. */
export function carried(fault: FaultSetting, car: Car, kinds: FaultKind[]): FaultSetting | null {
    const places = kinds.find((one) => one.id === fault.kind)?.places[car.id] ?? [];
    const channel = places.includes(fault.channel) ? fault.channel : places[0];
    if (channel === undefined) return null;
    const wires = car.channels.find(({ id }) => id === channel)?.conductors ?? [];
    const isThere = fault.conductor === undefined || wires.includes(fault.conductor);
    return { ...fault, channel, ...(!isThere && { conductor: wires[0] ?? '' }) };
}
