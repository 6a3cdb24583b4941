<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The edge of the linings through the wheel: how thick they still are, and whether they are wet. */
final readonly class LiningEdge
{
    /** Of a new lining, without its plate; an assumption. */
    private const NEW_MILLIMETRES = 11.0;

    public static function picture(Scene $scene): ObservedPicture
    {
        $brake = $scene->car->vehicle->unit()->hydraulics->lineTo($scene->look->channel)->brake;

        return new ObservedPicture('linings', [
            'thickMillimetres' => $scene->sees('linings-thin') ? Scene::rounded(self::NEW_MILLIMETRES * (1.0 - $brake->worn)) : $scene->anywhere('thick', 4.5, 10.0),
            'wet' => $scene->sees('linings-oily') ? $scene->anywhere('wet', 0.5, 0.9) : $scene->anywhere('wet', 0.0, 0.1),
            'dust' => $scene->harmless('dust', 0.1, 0.7),
        ]);
    }
}
