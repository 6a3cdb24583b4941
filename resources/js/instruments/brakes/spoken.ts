import { t } from '../../words/words';

/** What of a test it was: a wheel, the pedal, the unit, the engine, or the force at a wheel. */
export function spokenFeature(feature: string): string {
    const [name = '', of = ''] = feature.split('.');
    if (of === '') return t(`tried.${name}`);
    if (name === 'mark') return t('tried.mark-at', { wheel: of });
    if (name === 'spin') return t('tried.spin-at', { wheel: of });
    return name === 'wheel' ? t('tried.wheel-at', { wheel: of }) : `${name}, ${t(`force.${of}`)}`;
}
