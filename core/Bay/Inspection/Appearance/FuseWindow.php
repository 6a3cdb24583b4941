<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The fuse of the module, drawn: its rating, and the wire in its window. */
final readonly class FuseWindow
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $feed = $scene->car->vehicle->power->feed;

        return new ObservedPicture('fuse', [
            'place' => $feed->fuse,
            'amperes' => $feed->fuseAmperes,
            'wire' => $scene->sees('fuse-blown') ? 'parted' : 'through',
            'clouded' => $scene->harmless('clouded', 0.1, 0.5),
        ]);
    }
}
