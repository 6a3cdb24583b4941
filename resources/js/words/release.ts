import type { Release } from '../api/types';
import { day } from './reader';
import { t } from './words';

/** When a report opens, in a sentence. */
export function opensWhen({ kind, at }: Release): string {
    return t(`release.opens-${kind}`, { when: at === null ? '' : day(at) });
}
