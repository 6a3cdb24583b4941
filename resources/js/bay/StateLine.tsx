import type { Attempt, BayState } from '../api/types';
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
        ...state.trialParts
            .filter((one) => one.endsWith(`@${channel}`))
            .map((one) => t(`trial.${one.split('@')[0]}`)),
        ...(touches(state.meterInSeries, channel) ? [t('then.meter')] : []),
        ...(state.provoked === '' ? [] : [t(`provoke.${state.provoked}`)]),
    ];
    return <span className="text-small text-ink-soft">{words.join(' · ')}</span>;
}

function touches(lead: BayState['meterInSeries'], channel: string): boolean {
    return lead !== null && [lead.first, lead.second].some((pad) => pad.startsWith(`${channel}.`));
}
