import type { FaultKind, FaultSetting } from '../api/types';
import { t } from '../words/words';
import { spoken, strengthOf } from './strength';

/** Where on the strip each station lies, in percent of its width. */
const PLACES: Record<string, number> = {
    ring: 4,
    gap: 11,
    sensor: 17,
    'sensor-plug': 29,
    extension: 40,
    loom: 49,
    'module-plug': 69,
    module: 80,
    supply: 78,
    hydraulics: 74,
    switches: 74,
    lamps: 74,
    nothing: 4,
};

const MIDDLE = 45;

/** The fault as a flag planted on its station. */
export function FaultFlag({ kinds, fault }: { kinds: FaultKind[]; fault: FaultSetting }) {
    const kind = kinds.find((one) => one.id === fault.kind) ?? kinds[0]!;
    const detail = [
        fault.conductor === undefined ? '' : t('report.wire', { wire: fault.conductor }),
        spoken(kind, strengthOf(kind, fault.strength)),
        fault.provokedBy === undefined ? '' : t('bench.only', { when: t(`provoke.${fault.provokedBy}`) }),
    ].filter((one) => one !== '');
    const place = PLACES[kind.station] ?? 0;
    /* beyond the middle it flies to the left, so that it stays on the strip however long its words are */
    const isTurned = place > MIDDLE;
    return (
        <div className="relative h-8">
            <div
                style={isTurned ? { right: `${100 - place}%` } : { left: `${place}%` }}
                className={`absolute top-1 flex h-14 flex-col ${isTurned ? 'items-end' : 'items-start'}`}
            >
                <span
                    data-flag
                    className="max-w-full rounded-edge bg-slate px-2 py-1 text-small whitespace-nowrap text-slate-text"
                >
                    {t(`fault.${kind.id}`)}
                    {detail.length > 0 && `, ${detail.join(', ')}`}
                </span>
                <span
                    aria-hidden
                    className={`flex-1 border-l-2 border-slate ${isTurned ? 'mr-2' : 'ml-2'}`}
                />
            </div>
        </div>
    );
}
