import type { Action, Attempt, Car, Step } from '../api/types';
import type { StationMark } from '../ui/StationState';

type Kind = Action['do'];
export type StepOf<K extends Kind> = Step & { action: Extract<Action, { do: K }> };

/** The steps of one kind. */
export function stepsOf<K extends Kind>(steps: Step[], kind: K): StepOf<K>[] {
    return steps.filter((step): step is StepOf<K> => step.action.do === kind);
}

/** The latest step of one kind that showed something. */
export function lastOf<K extends Kind>(steps: Step[], kind: K): StepOf<K> | undefined {
    return stepsOf(steps, kind)
        .filter((step) => step.observation.refusal === '')
        .at(-1);
}

/** What leaves the car as it was. */
const ONLY_LOOKS: Kind[] = [
    'look',
    'look-at-lamps',
    'look-up-data-sheet',
    'gauge-gap',
    'rock-wheel',
    'measure',
    'capture',
    'clamp-current',
    'prove-meter',
    'read-codes',
    'read-switches',
    'try-pedal',
    'live-speeds',
    'watch-lamp',
    'write-code',
    'write-reading',
    'write-sensor',
    'mark-station',
    'strike-out',
    'name-cause',
    'conclude',
];

/** Whether something has been done to the car after a step. */
export function changedSince(steps: Step[], step: number): boolean {
    return steps.some(
        ({ number, action, observation }) =>
            number > step && observation.refusal === '' && !ONLY_LOOKS.includes(action.do),
    );
}

/** The steps whose entries have been struck out. */
export function struckOut(steps: Step[]): Set<number> {
    return new Set(stepsOf(steps, 'strike-out').map(({ action }) => action.entry));
}

/** How the stations of a corner are marked on the card. */
export function stationMark(attempt: Attempt, channel: string, station: string): StationMark {
    const marks = stepsOf(attempt.steps, 'mark-station').filter(
        (step) => step.action.channel === channel && step.action.station === station,
    );
    return marks.at(-1)?.action.mark ?? 'not-judged';
}

/** Whether a scan tool has been set to this car and its brake module, and got an answer. */
export function hasFoundModule({ steps }: Attempt): boolean {
    return stepsOf(steps, 'read-codes').some((step) => step.observation.values.answer === 'yes');
}

export const STATIONS = ['ring', 'gap', 'sensor', 'sensor-plug', 'loom', 'module-plug', 'module'] as const;
/** Stands for the car as a whole where something sits at no corner. */
export const WHOLE_CAR = 'car';
const STATIONS_OF_THE_CAR = ['supply', 'module', 'nothing'] as const;
/** Where a car has valves, pump and switches to be judged. */
const STATIONS_OF_THE_BRAKES = ['hydraulics', 'brakes', 'switches', 'lamps'] as const;
/** Between sensor plug and loom, where the car has one. */
export const EXTENSION = 'extension';
export type Station =
    | (typeof STATIONS)[number]
    | typeof EXTENSION
    | (typeof STATIONS_OF_THE_CAR)[number]
    | (typeof STATIONS_OF_THE_BRAKES)[number];

/** Whether a car has a hydraulic unit with pads of its own. */
export function hasUnit(car: Car): boolean {
    return car.pads.some(({ id }) => id === 'unit.ground');
}

/** The stations to be judged at a corner, or of the car as a whole. */
export function stationsAt(car: Car, channel: string): readonly Station[] {
    if (channel === WHOLE_CAR) {
        const [supply, module, nothing] = STATIONS_OF_THE_CAR;
        return car.brakeParts.length > 0
            ? [
                  supply,
                  module,
                  ...STATIONS_OF_THE_BRAKES.filter((one) => one !== 'brakes' || hasUnit(car)),
                  nothing,
              ]
            : STATIONS_OF_THE_CAR;
    }
    const links = car.channels.find((one) => one.id === channel)?.links ?? [];
    const extended = links.some((link) => link.name === EXTENSION);
    return extended ? STATIONS.flatMap((one) => (one === 'loom' ? [EXTENSION, one] : [one])) : STATIONS;
}
