<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The reservoir of the master cylinder, with the two marks moulded into it. */
final readonly class Reservoir
{
    public static function picture(Scene $scene): ObservedPicture
    {
        return new ObservedPicture('reservoir', [
            'level' => $scene->sees('fluid-low') ? $scene->anywhere('level', 0.1, 0.2) : $scene->anywhere('level', 0.6, 0.9),
            'tint' => $scene->harmless('tint', 0.1, 0.7),
        ]);
    }
}
