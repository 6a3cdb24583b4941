<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Tyre;

/** Road speed and wheel rotation. */
final readonly class Rotation
{
    /** Turns a second of a wheel that rolls without slip. */
    public static function turnsPerSecond(Tyre $tyre, float $metresPerSecond): float
    {
        return $metresPerSecond / $tyre->rollingCircumferenceMetres();
    }

    /** Road speed in metres a second that belongs to a tooth frequency: f = z · v / U, solved for v. */
    public static function speedFromFrequency(Tyre $tyre, int $teeth, float $hertz): float
    {
        return $hertz * $tyre->rollingCircumferenceMetres() / $teeth;
    }
}
