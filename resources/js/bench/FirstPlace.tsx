import type { Car, FaultKind, FaultSetting } from '../api/types';
import { Choice } from '../ui/Choice';
import { WHOLE_CAR } from '../words/card';
import { t } from '../words/words';
import { begun, fits } from './moved';
import { placesOf } from './places';

interface Props {
    car: Car;
    kinds: FaultKind[];
    error?: string;
    onChoose: (faults: FaultSetting[]) => void;
}

/** Nothing has been said of this car yet: a place is chosen, or that nothing is wrong. */
export function FirstPlace({ car, kinds, error, onChoose }: Props) {
    const channel = car.channels[0]!.id;
    const fitting = kinds.filter((one) => fits(one, car, channel) || fits(one, car, WHOLE_CAR));
    return (
        <>
            <p className="mb-2">{t('bench.not-chosen')}</p>
            <Choice
                label={t('bay.cause-place')}
                value=""
                onChoose={(station) => {
                    const first = fitting.find((one) => one.station === station);
                    if (first !== undefined) onChoose([begun(first, car, channel)]);
                }}
                options={placesOf(car, channel, fitting)}
                className="mb-1.5 flex-wrap text-small [&>button]:flex-none"
            />
            {error !== undefined && (
                <p role="alert" className="text-small font-semibold">
                    {error}
                </p>
            )}
        </>
    );
}
