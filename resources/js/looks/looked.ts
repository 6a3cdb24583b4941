import type { Attempt, Car, ShownPicture } from '../api/types';
import { type StepOf, stepsOf, WHOLE_CAR } from '../words/card';
import { t } from '../words/words';

export type Look = StepOf<'look'> & { observation: { picture: ShownPicture } };

/** Every look that was answered with a picture, in the order they were made. */
export function looks({ steps }: Pick<Attempt, 'steps'>): Look[] {
    return stepsOf(steps, 'look').filter((step): step is Look => step.observation.picture !== undefined);
}

/** The place looked at, and how where that was not closely. */
export function placeOf({ at, manner }: Look['action']): string {
    const place = t(`look-place.${at}`);
    return manner === undefined || manner === 'closely'
        ? place
        : t('look-manner.of', { place, manner: t(`look-manner.${manner}`) });
}

/** Where somebody looked: the place and its corner, or the place alone where it sits at none. */
export function nameOf(action: Look['action']): string {
    const [place, { channel }] = [placeOf(action), action];
    return channel === WHOLE_CAR ? place : t('look-picture.of', { place, channel: t(`channel.${channel}`) });
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

/** By which its harmless marks lie where they lie; those of a sensor go with it. */
export function seedOf({ action, observation: { picture } }: Look): string {
    const behind = action.manner === 'from-behind' ? ' behind' : '';
    return action.at === 'tip' ? `tip ${picture.shows.dull}` : `${action.channel} ${action.at}${behind}`;
}

/** How fast somebody turned the wheel as it was looked at, in turns a second; 0 where it stood. */
export function turnedAt({ steps }: Pick<Attempt, 'steps'>, look: Look): number {
    if (look.observation.picture.shows.turning !== 'yes') return 0;
    const turned = stepsOf(steps, 'turn-wheel').findLast(
        ({ number, action, observation }) =>
            number < look.number && action.channel === look.action.channel && observation.refusal === '',
    );
    return turned === undefined || turned.action.turnsPerSecond <= 0
        ? BY_HAND
        : Math.min(FASTEST, turned.action.turnsPerSecond);
}

/** A wheel that somebody turns by hand, in turns a second, and as fast as the eye follows. */
const BY_HAND = 0.5;
const FASTEST = 1;
