import { t } from './words';

/** What something is called, and at which corner; the car as a whole is not named. */
export function atPlace(key: string, place: string): string {
    return place === 'car' ? t(key) : `${t(key)}, ${t(`channel.${place}`).toLowerCase()}`;
}
