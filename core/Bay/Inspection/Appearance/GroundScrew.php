<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The screw that holds the eye of a ground wire to the body: of the module, or of the hydraulic unit. */
final readonly class GroundScrew
{
    public static function picture(Scene $scene): ObservedPicture
    {
        return new ObservedPicture('ground', [
            'rust' => $scene->sees('ground-rusty') ? $scene->anywhere('rust', 0.7, 1.0) : $scene->harmless('rust', 0.1, 0.3),
            'dull' => $scene->harmless('dull', 0.1, 0.9),
        ]);
    }
}
