import { NavLink } from 'react-router';
import { t } from '../words/words';

/** The two places of the lab. */
export function LabPlaces() {
    return (
        <nav aria-label={t('lab.places')} className="flex gap-4">
            {(['/lab', '/lab/road'] as const).map((place) => (
                <NavLink
                    key={place}
                    to={place}
                    end
                    className="text-petrol underline aria-[current=page]:font-semibold aria-[current=page]:text-ink aria-[current=page]:no-underline"
                >
                    {t(place === '/lab' ? 'lab.place-signal' : 'lab.place-road')}
                </NavLink>
            ))}
        </nav>
    );
}
