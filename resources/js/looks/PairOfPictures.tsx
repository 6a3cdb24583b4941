import type { PicturePair } from '../api/types';
import { t } from '../words/words';
import { bestView } from './bestView';
import { LookPicture } from './LookPicture';

/** One place sound, and beside it with a fault, as far as the eye can tell them apart. */
export function PairOfPictures({ of: { at, sight, sound, faulty } }: { of: PicturePair }) {
    const view = bestView(faulty);
    const place = t(`look-place.${at}`);
    return (
        <div className="flex gap-1.5">
            {[
                { picture: sound, words: t('look-picture.sound') },
                { picture: faulty, words: t(`sight.${sight}`) },
            ].map(({ picture, words }) => (
                <figure key={words} className="w-32 min-w-0">
                    <LookPicture
                        picture={picture}
                        seed={`handbook ${at} ${sight}`}
                        label={t('look-picture.pair', { place, words })}
                        view={view}
                    />
                    <figcaption className="text-small">{words}</figcaption>
                </figure>
            ))}
        </div>
    );
}
