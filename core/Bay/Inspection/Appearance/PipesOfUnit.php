<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The hydraulic unit from above: what is stamped beside each port, and to which wheel the pipe from it leads. */
final readonly class PipesOfUnit
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $hydraulics = $scene->car->vehicle->unit()->hydraulics;
        $shows = ['wax' => $scene->harmless('wax', 0.1, 0.8), 'dirt' => $scene->harmless('dirt', 0.1, 0.6), 'wet' => $scene->anywhere('wet', 0.0, 0.1)];
        foreach (array_keys($hydraulics->wheels) as $index => $channel) {
            $number = $index + 1;
            $shows["port.$number"] = $channel;
            $shows["leads.$number"] = $scene->sees('pipes-change-places') ? $hydraulics->wheelAt($channel) : $channel;
        }

        return new ObservedPicture('unit-pipes', $shows);
    }
}
