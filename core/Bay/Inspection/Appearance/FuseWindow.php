<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Inspection\Sight;

/** A fuse, drawn: its rating, and the wire in its window. */
final readonly class FuseWindow
{
    public static function picture(Scene $scene): ObservedPicture
    {
        [$place, $amperes] = self::rating($scene);

        return new ObservedPicture('fuse', [
            'place' => $place,
            'amperes' => $amperes,
            'wire' => $scene->sees('fuse-blown') ? 'parted' : 'through',
            'clouded' => $scene->harmless('clouded', 0.1, 0.5),
        ]);
    }

    /** @return array{string, float} where it sits, and its amperes */
    private static function rating(Scene $scene): array
    {
        $vehicle = $scene->car->vehicle;
        $feed = match ($scene->look->at) {
            Sight::PumpFuse => $vehicle->unit()->wiring->pump,
            Sight::ValveFuse => $vehicle->unit()->wiring->valves,
            default => $vehicle->power->feed,
        };

        return [$feed->fuse, $feed->fuseAmperes];
    }
}
