import type { Car, FaultKind, FaultSetting } from '../api/types';
import { t } from '../words/words';
import { fits } from './moved';

interface Props {
    car: Car;
    kinds: FaultKind[];
    faults: FaultSetting[];
    /** Nothing has been said of this car yet. */
    open: boolean;
    chosen: number;
    onChoose: (position: number) => void;
    onChange: (faults: FaultSetting[]) => void;
}

const MOST_FAULTS = 4;

/** The faults of a case, one of them in hand; most cases have just one, and some none. */
export function FaultList({ car, kinds, faults, open, chosen, onChoose, onChange }: Props) {
    const add = () => {
        const channel = faults[chosen]?.channel ?? car.channels[0]!.id;
        const free = kinds.find((kind) => fits(kind, car, channel))!;
        onChange([...faults, { kind: free.id, channel }]);
        onChoose(faults.length);
    };
    return (
        <div className="mb-1.5 flex flex-wrap items-center gap-3 text-small">
            {faults.length > 1 &&
                faults.map((fault, position) => (
                    <button
                        key={position}
                        type="button"
                        aria-pressed={position === chosen}
                        onClick={() => onChoose(position)}
                        className={`border-b-2 ${position === chosen ? 'border-petrol font-semibold' : 'border-transparent text-ink-soft'}`}
                    >
                        {position + 1}. {t(`fault.${fault.kind}`)}
                        {fault.channel !== 'car' && `, ${fault.channel}`}
                    </button>
                ))}
            <span className="ml-auto flex gap-4">
                {(faults.length > 0 || open) && (
                    <button
                        type="button"
                        onClick={() => onChange(faults.filter((_, position) => position !== chosen))}
                        className="text-petrol underline"
                    >
                        {t(faults.length < 2 ? 'bench.nothing-is-wrong' : 'bench.remove-fault')}
                    </button>
                )}
                {faults.length < MOST_FAULTS && !open && (
                    <button type="button" onClick={add} className="text-petrol underline">
                        {t(faults.length === 0 ? 'bench.first-fault' : 'bench.add-fault')}
                    </button>
                )}
            </span>
        </div>
    );
}
