<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** Copper over temperature. */
final readonly class CopperResistance
{
    /** Temperature coefficient of annealed copper at 20 °C, per kelvin (IEC 60028). */
    private const PER_KELVIN = 0.00393;

    private const REFERENCE_CELSIUS = 20.0;

    public static function at(float $celsius, float $ohmsAt20Celsius): float
    {
        return $ohmsAt20Celsius * (1.0 + self::PER_KELVIN * ($celsius - self::REFERENCE_CELSIUS));
    }
}
