import type { Car, Observation } from '../../api/types';
import { displayed } from '../../words/quantities';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';

/** The wheel speeds as the module counts them. */
export function SpeedList({ car, observation: { values } }: { car: Car; observation: Observation }) {
    return (
        <ul>
            {car.channels.map(({ id }) => {
                const speed = values[`${id}.speed`];
                return (
                    <li key={id} className="flex justify-between border-b border-slate-line py-1">
                        <span>{t(`channel.${id}`)}</span>
                        <span>
                            <span className="text-small text-slate-soft">
                                {t(`bay.speed-${String(values[`${id}.run`])}`)}{' '}
                            </span>
                            <span className="tabular text-reading">
                                {isNumber(speed) ? displayed(speed) : '–'}
                            </span>
                        </span>
                    </li>
                );
            })}
        </ul>
    );
}
