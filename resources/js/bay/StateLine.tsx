import type { Attempt } from '../api/types';
import { t } from '../words/words';

/** How the car stands at this corner, in words. */
export function StateLine({ attempt: { state, car }, channel }: { attempt: Attempt; channel: string }) {
    const plug = car.channels
        .find((one) => one.id === channel)
        ?.links.find((link) => link.kind === 'plug')?.plug;
    const words = [
        ...(plug === undefined
            ? []
            : [state.openPlugs.includes(plug) ? t('bay.plug-open') : t('bay.plug-joined')]),
        state.onStands ? t('bay.raised') : state.raised ? t('bay.lifted') : t('bay.floor'),
        !state.turningChannels.includes(channel)
            ? t('bay.wheel-still')
            : state.underPower
              ? t('bay.wheel-under-power')
              : t('bay.wheel-turning'),
    ];
    return <span className="text-small text-ink-soft">{words.join(' · ')}</span>;
}
