import type { OwnVehicle } from '../api/types';
import { t } from '../words/words';

/** What the drives have shown: nothing, or the codes it sets with nothing wrong. */
export function Alarms({ of: { alarms } }: { of: OwnVehicle }) {
    if (alarms.length === 0) return <>✓ {t('vehicles.in-order')}</>;
    return (
        <>
            <strong>✕ {t('vehicles.false-alarm')}</strong>
            <ul>
                {alarms.map(({ route, channel, failure }) => (
                    <li key={`${channel}${failure}`}>
                        {t('vehicles.alarm', {
                            place: t(`place.${channel}`),
                            failure: t(`failure.${failure}`),
                            route: t(`route.${route}`),
                        })}
                    </li>
                ))}
            </ul>
        </>
    );
}
