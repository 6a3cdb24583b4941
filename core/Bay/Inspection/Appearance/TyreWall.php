<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Vehicle\InvalidTyreSize;
use Lernfall\Vehicle\Tyre;

/** The side of a tyre: the size marked on it, and how far it bulges where it stands. */
final readonly class TyreWall
{
    /** Marked sizes near the one the car is built for: this many millimetres of width, this many percent of height. */
    private const WIDTHS = [-20, -10, 0, 10, 20];

    private const HEIGHTS = [-15, -10, -5, 0, 5, 10, 15];

    public static function picture(Scene $scene): ObservedPicture
    {
        $end = $scene->channel()->wheelEnd;
        $built = $scene->car->vehicle->tyre;

        return new ObservedPicture('tyre', [
            'size' => $scene->sees('tyre-other-size') ? self::sizeOf($built, $end->tyreFactor) : $built->size,
            'bulge' => $scene->sees('tyre-soft') ? Scene::rounded(0.5 + 0.5 * $end->tyreSoft) : $scene->harmless('bulge', 0.1, 0.4),
            'tread' => $scene->anywhere('tread', 0.3, 0.9),
            'standing' => $scene->car->state->lift->raised ? 'no' : 'yes',
        ]);
    }

    /** The size on the same rim that comes nearest to such a circumference, and is not the one the car is built for. */
    private static function sizeOf(Tyre $built, float $factor): string
    {
        if (preg_match('~^(\d{3})/(\d{2})( R.+)$~', $built->size, $part) !== 1) {
            return $built->size;
        }
        $nearest = [];
        foreach (self::WIDTHS as $wider) {
            foreach (self::HEIGHTS as $higher) {
                $size = sprintf('%03d/%02d%s', (int) $part[1] + $wider, (int) $part[2] + $higher, $part[3]);
                if ($size !== $built->size) {
                    $nearest[$size] = abs(self::diameter($size) - $built->outerDiameterMetres * $factor);
                }
            }
        }
        asort($nearest);

        return (string) array_key_first($nearest);
    }

    private static function diameter(string $size): float
    {
        try {
            return Tyre::fromSize($size, 1.0)->outerDiameterMetres;
        } catch (InvalidTyreSize) {
            return INF;
        }
    }
}
