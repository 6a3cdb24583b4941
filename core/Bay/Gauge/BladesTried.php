<?php

declare(strict_types=1);

namespace Lernfall\Bay\Gauge;

use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedPicture;

/** Blades tried in the gap at four places of a turn: at each the one that just goes in, touching both sides. */
final readonly class BladesTried
{
    private const MILLIMETRES = 1000.0;

    /**
     * @param  float  $stepMetres  from one blade to the next
     */
    public static function picture(ObservedNumber $gap, ObservedNumber $spread, float $stepMetres): ObservedPicture
    {
        $half = $stepMetres * round($spread->si / 2.0 / $stepMetres);
        $millimetres = static fn (float $metres): float => round(self::MILLIMETRES * max($stepMetres, $metres), 2);

        return new ObservedPicture('blades', [
            'step' => $millimetres($stepMetres),
            'place.1' => $millimetres($gap->si),
            'place.2' => $millimetres($gap->si + $half),
            'place.3' => $millimetres($gap->si),
            'place.4' => $millimetres($gap->si - $half),
        ]);
    }
}
