import type { Action, Attempt, Car, Observation } from '../api/types';
import type { Room, Shown, Source, Told } from './room';
import { has, type Tool } from './tools';

/* Whatever stands in a folder of its own beside this file is an instrument. */
const found = import.meta.glob<{ room: Room }>('./*/index.tsx', { eager: true });

export const ROOMS: Room[] = Object.values(found)
    .map(({ room }) => room)
    .sort((one, other) => one.position - other.position);

/** All that a case may withhold, in the order it lies on the trolley. */
export const TOOLS: Tool[] = ROOMS.flatMap(({ tools, also = [] }) => [...tools, ...also]);

const TOLD: Told = Object.assign({}, ...ROOMS.map((room) => room.told)) as Told;

const SHOWN = Object.assign({}, ...ROOMS.map((room) => room.shown ?? {})) as NonNullable<Room['shown']>;

const SOURCES: Room['sources'] = Object.assign(
    {},
    ...ROOMS.map((room) => room.sources ?? {}),
) as Room['sources'];

/** The line an instrument has for an action; undefined where it is no instrument's. */
export function toldBy(car: Car, action: Action): string | undefined {
    const told = TOLD[action.do] as ((car: Car, action: Action) => string) | undefined;
    return told?.(car, action);
}

export function shownBy(kind: Observation['kind']): Shown {
    return SHOWN[kind] ?? {};
}

export function sourceOf(kind: Action['do']): Source {
    return SOURCES?.[kind] ?? {};
}

/** The panel that comes to the front after an action; undefined where it stays as it is. */
export function panelAfter(kind: Action['do']): string | undefined {
    return ROOMS.find((room) => room.shows.includes(kind))?.name;
}

export function roomsOf(attempt: Pick<Attempt, 'withheld' | 'car'>): Room[] {
    return ROOMS.filter(
        ({ tools, fits }) =>
            (tools.length === 0 || tools.some((tool) => has(attempt, tool))) &&
            (fits === undefined || fits(attempt.car)),
    );
}
