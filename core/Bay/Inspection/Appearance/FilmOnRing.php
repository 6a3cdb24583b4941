<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** A viewing film laid on the ring: it darkens along the bounds between magnetic poles, and stays as it is on teeth of iron. How many poles there are nobody sees; they have to be counted. */
final readonly class FilmOnRing
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $ring = $scene->channel()->wheelEnd->ring;

        return new ObservedPicture('film', [
            'poles' => $ring->isEncoder ? 'stripes' : 'none',
            'gone' => $scene->sees('poles-gone') ? (float) $ring->damage->missingTeeth : 0.0,
            'at' => $scene->anywhere('where', 0.1, 0.9),
            'faint' => $scene->harmless('faint', 0.1, 0.4),
            'specks' => $scene->harmless('specks', 0.1, 0.6),
        ]);
    }
}
