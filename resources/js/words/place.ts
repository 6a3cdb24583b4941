import { t } from './words';

/** What something is called, and at which corner; the car as a whole is not named. */
export function atPlace(key: string, place: string): string {
    return place === 'car' ? t(key) : `${t(key)}, ${t(`place.${place}`)}`;
}

/** Something done at a corner, or to the car as a whole, which needs no name. */
export function placed(key: string, place: string, words: Record<string, string>): string {
    return place === 'car' ? t(`${key}-whole`, words) : t(key, { ...words, channel: place });
}
