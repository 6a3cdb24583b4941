<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** Sensor above the teeth, seen from the side. */
final readonly class GapByEye
{
    private const MILLIMETRES = 1000.0;

    /** A gap that struck the eye looks like so many times the greatest allowed one at least. */
    private const STRIKES_FROM = 1.6;

    /** One that did not lies anywhere up to here: for more than that an eye is no gauge. */
    private const USUAL = [0.5, 1.2];

    public static function picture(Scene $scene): ObservedPicture
    {
        $channel = $scene->channel();
        $allowed = $scene->car->vehicle->model->dataSheet[$channel->place->axle]->greatestGapMetres * self::MILLIMETRES;

        return new ObservedPicture('gap', [
            'gapMillimetres' => $scene->sees('gap-wide')
                ? Scene::rounded(max($channel->wheelEnd->gapMetres * self::MILLIMETRES, self::STRIKES_FROM * $allowed))
                : $scene->anywhere('gap', self::USUAL[0] * $allowed, self::USUAL[1] * $allowed),
            'rust' => $scene->harmless('rust', 0.1, 0.7),
            'tilt' => $scene->anywhere('tilt', 0.1, 0.4),
            'teeth' => $channel->wheelEnd->ring->isEncoder ? 'none' : 'toothed',
        ]);
    }
}
