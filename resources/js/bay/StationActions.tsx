import type { Action, Attempt } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Explain } from '../ui/Explain';
import type { StationMark } from '../ui/StationState';
import { shortMinutes } from '../words/quantities';
import type { RepairKind } from '../words/repairs';
import { t } from '../words/words';
import { stationMark, WHOLE_CAR, type Station } from '../words/card';
import { useShortcuts } from '../ui/shortcuts';
import type { DoAction } from './useBay';
import { actionsAt } from './stationWork';

interface Props {
    attempt: Attempt;
    channel: string;
    station: Station;
    busy: boolean;
    onAct: DoAction;
    onRepair: (kind: RepairKind) => void;
}

/** What can be done at the chosen station. The list depends on the place, never on the fault. */
export function StationActions({ attempt, channel, station, busy, onAct, onRepair }: Props) {
    const works = actionsAt(attempt, channel, station);
    const place = t(`at-station.${station}`);
    const heading =
        channel === WHOLE_CAR
            ? t('bay.actions-whole', { place })
            : t('bay.actions', { place, channel: t(`place.${channel}`) });
    const run = (action: Action) => (action.do === 'repair' ? onRepair(action.kind) : onAct(action));
    useShortcuts(Object.fromEntries(works.map((work) => [work.key.toLowerCase(), () => run(work.action)])));

    return (
        <section className="min-h-0 overflow-auto" aria-label={heading}>
            <div className="mb-2 flex items-center justify-between gap-4">
                <h2 className="flex items-center gap-2">
                    {heading}
                    <Explain what={t(`station.${station}`)} text={t(`help.station.${station}`)} />
                </h2>
                <Choice
                    label={t('bay.mark-station', { station: t(`station.${station}`) })}
                    value={stationMark(attempt, channel, station)}
                    onChoose={(mark: StationMark) => onAct({ do: 'mark-station', channel, station, mark })}
                    options={(['not-judged', 'open', 'suspect', 'cleared'] as const).map((mark) => ({
                        value: mark,
                        label: t(`mark-state.${mark}`),
                    }))}
                    className="text-small"
                />
            </div>
            <ul className="grid grid-cols-2 gap-x-4">
                {works.map((work) => (
                    <li key={work.key} className="border-b border-floor-deep">
                        <Button
                            disabled={busy}
                            onClick={() => run(work.action)}
                            note={shortMinutes(attempt.rates[work.rate]?.minutes ?? 0)}
                            shortcut={work.key}
                            className="w-full border-transparent! px-1! font-normal! text-ink!"
                        >
                            {work.label}
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
