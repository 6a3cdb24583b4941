import type { Attempt, Car, ShownPicture } from '../api/types';
import { type StepOf, stepsOf } from '../words/card';

export type Look = StepOf<'look'> & { observation: { picture: ShownPicture } };

/** Every look that was answered with a picture, in the order they were made. */
export function looks({ steps }: Pick<Attempt, 'steps'>): Look[] {
    return stepsOf(steps, 'look').filter((step): step is Look => step.observation.picture !== undefined);
}

/** The wheel on the other side of the axle; nothing where a place has none. */
export function otherSide(car: Car, channel: string): string | undefined {
    const here = car.channels.find((one) => one.id === channel);
    if (here === undefined) return undefined;
    return car.channels.find((one) => one.id !== channel && one.axle === here.axle && one.side !== here.side)
        ?.id;
}

/** The last look at the same place of another wheel, and what it showed. */
export function lookAt(all: Look[], channel: string | undefined, at: Look['action']['at']): Look | undefined {
    return all.filter((one) => one.action.channel === channel && one.action.at === at).at(-1);
}

export function seedOf({ action }: Look): string {
    return `${action.channel} ${action.at}`;
}
