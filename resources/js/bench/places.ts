import type { Car, FaultKind } from '../api/types';
import { stationsAt } from '../words/card';
import { t } from '../words/words';

const OFF_THE_PATH = ['supply', 'hydraulics', 'brakes', 'switches', 'lamps', 'nothing'] as const;

/** Where a fault can sit, in the order of the strip; where none of these kinds does, it cannot be chosen. */
export function placesOf(car: Car, channel: string, kinds: FaultKind[]) {
    return [...stationsAt(car, channel), ...OFF_THE_PATH].map((one) => ({
        value: one as string,
        label: t(`station.${one}`),
        disabled: kinds.every((kind) => kind.station !== one),
    }));
}
