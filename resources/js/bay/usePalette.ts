import { useEffect, useRef } from 'react';
import { flushSync } from 'react-dom';
import type { Action, Attempt } from '../api/types';
import { alsoDoable, pressed, type Doable } from '../app/doable';
import { roomsOf } from '../instruments/rooms';
import { stationsAt, WHOLE_CAR, type Station } from '../words/card';
import { t } from '../words/words';
import { actionsAt } from './stationWork';

interface Bay {
    attempt: Attempt;
    onPanel: (panel: string) => void;
    /** Goes to a corner and a station. */
    onPlace: (channel: string, station: Station) => void;
    /** Does what stands in the list of a station. */
    onWork: (action: Action, channel: string) => void;
}

/** Everything that can be done in the bay, also in the panels and at the stations that are not in hand. */
export function usePalette(bay: Bay): void {
    const current = useRef(bay);
    useEffect(() => {
        current.current = bay;
    });
    useEffect(
        () =>
            alsoDoable(() =>
                current.current.attempt.state.concluded
                    ? []
                    : [...inPanels(current.current), ...atStations(current.current)],
            ),
        [],
    );
}

function inPanels({ attempt, onPanel }: Bay): Doable[] {
    return roomsOf(attempt).flatMap(({ name, acts }) =>
        acts.map((word) => ({
            name: `${t(`slate.${name}`)}: ${t(word)}`,
            shortcut: '',
            run: () => {
                flushSync(() => onPanel(name));
                if (!pressed(t(word)))
                    document.querySelector<HTMLElement>('[role=tab][data-state=active]')?.focus();
            },
        })),
    );
}

function atStations({ attempt, onPlace, onWork }: Bay): Doable[] {
    return [...attempt.car.channels.map(({ id }) => id), WHOLE_CAR].flatMap((channel) =>
        stationsAt(attempt.car, channel).flatMap((station) =>
            actionsAt(attempt, channel, station).map(({ label, key, action }) => ({
                name: `${channel === WHOLE_CAR ? t('channel-short.car') : channel}, ${t(`station.${station}`)}: ${label}`,
                shortcut: key,
                run: () => {
                    onPlace(channel, station);
                    onWork(action, channel);
                },
            })),
        ),
    );
}
