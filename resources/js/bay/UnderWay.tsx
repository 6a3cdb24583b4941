import type { BayState, Car } from '../api/types';
import { plugName } from '../words/describe';
import { WHOLE_CAR } from '../words/card';
import { t } from '../words/words';

/** What is open, turning or connected anywhere on the car, in one line: whoever stands at another corner forgets it. */
export function UnderWay({ car, state }: { car: Car; state: BayState }) {
    const words = underWay(car, state);
    return (
        <p className="text-small" aria-label={t('bay.under-way')} role="note">
            <span className="text-ink-soft">{t('bay.under-way')}: </span>
            <span data-under-way className="font-semibold">
                {words.length === 0 ? t('bay.nothing-under-way') : words.join(' · ')}
            </span>
        </p>
    );
}

function placeName(place: string): string {
    return place === WHOLE_CAR ? t('channel-short.car') : place;
}

function underWay(car: Car, state: BayState): string[] {
    const plugs = state.openPlugs.map((plug) => plugName(car, plug)).join(', ');
    return [
        ...(plugs === '' ? [] : [t('then.open', { plugs })]),
        ...(state.connectorOpen ? [t('bay.connector-open')] : []),
        ...state.turningChannels.map((channel) => t('then.turning', { channel })),
        ...(state.provoked === '' ? [] : [`${t(`provoke.${state.provoked}`)} (${state.provokedAt})`]),
        ...(state.injection === null ? [] : [t('then.generator')]),
        ...(state.bench === null ? [] : [t('then.bench-supply')]),
        ...(state.jumpers.length === 0 ? [] : [t('then.jumpers')]),
        ...(state.breakout ? [t('then.breakout')] : []),
        ...(state.meterInSeries === null ? [] : [t('then.meter')]),
        ...state.trialParts.map(
            (one) => `${t(`trial.${one.split('@')[0]}`)} (${placeName(one.split('@')[1] ?? '')})`,
        ),
    ];
}
