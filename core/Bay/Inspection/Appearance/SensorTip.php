<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Vehicle\Vehicle;

/** The sensor drawn out: its tip, and what is stamped on its body. */
final readonly class SensorTip
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $channel = $scene->channel();

        return new ObservedPicture('tip', [
            'dust' => $scene->sees('tip-dusty') ? Scene::rounded(0.5 + 0.5 * $channel->wheelEnd->tipDust) : $scene->harmless('dust', 0.1, 0.3),
            'dull' => $scene->harmless('dull', 0.1, 0.6),
            'scratches' => $scene->sees('tip-struck') ? Scene::rounded($scene->anywhere('scratches', 0.6, 1.0)) : 0.0,
            'stamp' => self::stamp($scene->car->sound, $channel->place->axle, $scene->sees('other-part')),
        ]);
    }

    /** An invented part number: one for each axle of a model, and one that belongs to none of them. */
    public static function stamp(Vehicle $vehicle, string $axle, bool $isForeign = false): string
    {
        $number = 200 + crc32($vehicle->model->name.$axle.($isForeign ? ' other' : '')) % 700;

        return "S $number".($axle === 'front' ? ' A' : ' B');
    }
}
