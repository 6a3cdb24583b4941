import { ToggleGroup } from 'radix-ui';
import type { Attempt } from '../api/types';
import { StationState } from '../ui/StationState';
import { t } from '../words/words';
import { stationMark, stationsAt, WHOLE_CAR, type Station } from '../words/card';

interface Props {
    attempt: Attempt;
    channel: string;
    station: Station;
    onChoose: (station: Station) => void;
}

const SHAPES = {
    'not-judged': 'border-edge',
    open: 'border-edge',
    suspect: 'border-ink border-b-4',
    cleared: 'border-edge bg-petrol-tint',
} as const;

/** The stations under the strip, each with how it is judged. */
export function StationRow({ attempt, channel, station, onChoose }: Props) {
    const stations = stationsAt(attempt.car, channel);
    return (
        <ToggleGroup.Root
            aria-label={
                channel === WHOLE_CAR
                    ? t('bay.supply-title')
                    : t('bay.ring-to-lamp', { channel: t(`channel.${channel}`) })
            }
            type="single"
            orientation="horizontal"
            value={station}
            onValueChange={(next) => next !== '' && onChoose(next as Station)}
            className="grid gap-1.5 narrow:min-w-155"
            style={{
                gridTemplateColumns: `repeat(${Math.max(7, stations.length)}, minmax(0, 1fr))`,
                fontStretch: stations.length > 7 ? '82%' : undefined,
            }}
        >
            {stations.map((one) => {
                const mark = stationMark(attempt, channel, one);
                return (
                    <ToggleGroup.Item
                        key={one}
                        value={one}
                        className={`rounded-edge border bg-paper px-1.5 py-0.5 text-left text-small data-[state=on]:outline-2 data-[state=on]:outline-petrol ${SHAPES[mark]}`}
                    >
                        <span className="block font-semibold">{t(`station.${one}`)}</span>
                        <span className="block whitespace-nowrap">
                            <StationState mark={mark} />
                        </span>
                    </ToggleGroup.Item>
                );
            })}
        </ToggleGroup.Root>
    );
}
