import type { CarValue } from '../api/types';
import { t } from '../words/words';

/** What stands together: a corner, the module, the supply; what stands alone is of the car. */
export function groupOf({ path }: CarValue): string {
    const [first = '', second = ''] = path;
    if (path.length === 1) return t('values.car');
    return first === 'channels' ? t(`channel.${second}`) : apart(first);
}

/** Its name in the car file, as words; the unit at its end is told apart from it. */
export function nameOf({ path }: CarValue): string {
    const rest = path.length === 1 ? path : path.slice(path[0] === 'channels' ? 2 : 1);
    return rest.map((part) => (/^\d+$/.test(part) ? String(Number(part) + 1) : apart(part))).join(', ');
}

function apart(name: string): string {
    return name.replace(
        /([a-z0-9])([A-Z])/g,
        (_, before: string, after: string) => `${before} ${after.toLowerCase()}`,
    );
}
