import type { Car, FaultKind, FaultSetting } from '../api/types';

/** The same fault at another corner, or the first that fits there. */
export function moved(fault: FaultSetting, corner: string, car: Car, kinds: FaultKind[]): FaultSetting {
    const technology = car.channels.find((one) => one.id === corner)?.technology ?? '';
    const fits = (kind: FaultKind) =>
        kind.technologies.length === 0 || kind.technologies.includes(technology);
    const same = kinds.find((one) => one.id === fault.kind);
    return same !== undefined && fits(same)
        ? { ...fault, channel: corner }
        : { kind: kinds.find(fits)!.id, channel: corner };
}
