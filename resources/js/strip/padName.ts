import type { Car } from '../api/types';
import { t } from '../words/words';

/** A pad in words, for lists, screen readers and the report. */
export function padName(car: Car, id: string): string {
    const pad = car.pads.find((one) => one.id === id);
    if (pad === undefined) return id;
    if (pad.channel === '') return t(`pad.${id}`);
    return t('pad.on-plug', {
        channel: pad.channel,
        plug: t(`plug-name.${pad.plug}`),
        side: t(`pad-side.${pad.side}`),
        wire: pad.conductor,
    });
}
