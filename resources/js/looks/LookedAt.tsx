import type { Car } from '../api/types';
import { t } from '../words/words';
import { LookPicture } from './LookPicture';
import { type Look, lookAt, otherSide, placeOf, seedOf } from './looked';

interface Props {
    car: Car;
    all: Look[];
    chosen: Look;
    onChoose: (number: number) => void;
}

/** What was looked at so far, each place with its other side beside it; half a pair stays empty until somebody has looked there. */
export function LookedAt({ car, all, chosen, onChoose }: Props) {
    return (
        <section aria-label={t('look-picture.in-order')} className="min-w-0">
            <h3 className="pb-1 text-base">{t('look-picture.in-order')}</h3>
            <ul className="flex gap-2 overflow-x-auto pb-1">
                {pairs(car, all).map((look) => {
                    const { channel, at } = look.action;
                    const other = lookAt(all, otherSide(car, channel), at);
                    return (
                        <li key={look.number}>
                            <button
                                type="button"
                                aria-pressed={
                                    look.number === chosen.number || other?.number === chosen.number
                                }
                                onClick={() => onChoose(look.number)}
                                className="relative rounded-part border border-edge bg-bench p-1.5 text-left aria-pressed:border-petrol aria-pressed:outline-2 aria-pressed:outline-petrol"
                            >
                                <span className="flex justify-between gap-3 pb-1 text-small">
                                    <span className="font-semibold">{placeOf(look.action)}</span>
                                    <span className="text-ink-soft">
                                        {[channel, other?.action.channel]
                                            .filter((one) => one !== undefined && one !== 'car')
                                            .join(' · ')}
                                    </span>
                                </span>
                                <span className="sr-only">{t('bay.step', { step: look.number })}</span>
                                <span className="flex gap-1">
                                    <Small look={look} />
                                    {other === undefined ? (
                                        otherSide(car, channel) !== undefined && (
                                            <span className="grid h-13.5 w-18 place-content-center border border-dashed border-edge text-center text-small text-ink-soft">
                                                {t('look-picture.not-yet')}
                                            </span>
                                        )
                                    ) : (
                                        <Small look={other} />
                                    )}
                                </span>
                            </button>
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}

/** Of looks at the same place of the same wheel the last one, in the order they were first made; two sides of an axle are one pair. */
function pairs(car: Car, all: Look[]): Look[] {
    const places = new Map<string, Look>();
    for (const look of all) {
        const { channel, at } = look.action;
        const other = `${otherSide(car, channel)} ${at}`;
        if (!places.has(other)) places.set(seedOf(look), look);
    }
    return [...places.values()];
}

function Small({ look }: { look: Look }) {
    return (
        <span aria-hidden className="block w-18">
            <LookPicture picture={look.observation.picture} seed={seedOf(look)} label="" />
        </span>
    );
}
