<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** Pipe, hose and caliper: dry but for road dirt, or wet where fluid comes out. */
final readonly class BrakeHose
{
    public static function picture(Scene $scene): ObservedPicture
    {
        return new ObservedPicture('brake-hose', [
            'wet' => $scene->sees('line-wet') ? $scene->anywhere('wet', 0.5, 1.0) : $scene->anywhere('wet', 0.0, 0.1),
            'dirt' => $scene->harmless('dirt', 0.2, 0.8),
            'rust' => $scene->harmless('rust', 0.1, 0.6),
        ]);
    }
}
