<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Inspection\Sight;

/** A switch whose plunger an arm holds in while it rests: the pedal, or the lever of the parking brake; once at rest and once worked. */
final readonly class SwitchAtArm
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $standsOff = $scene->sees('switch-stands-off');

        return new ObservedPicture('switch', [
            'arm' => $scene->look->at === Sight::PedalSwitch ? 'pedal' : 'lever',
            'clearMillimetres' => $standsOff ? $scene->anywhere('clear', 1.5, 3.0) : 0.0,
            'restMillimetres' => $standsOff ? $scene->anywhere('out', 5.0, 6.5) : $scene->anywhere('rest', 0.6, 1.6),
            'workedMillimetres' => $scene->sees('plunger-stays-in') ? $scene->anywhere('stays', 0.8, 1.8) : $scene->anywhere('out', 5.0, 6.5),
            'grime' => $scene->harmless('grime', 0.1, 0.8),
        ]);
    }
}
