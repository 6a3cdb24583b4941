<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\InvalidQuantity;

/**
 * Copper resistance of flexible wire by cross-section, at 20 °C.
 *
 * From 0.5 mm² up: greatest resistance of plain class 5 conductors by IEC 60228 (figures recalled from memory).
 * 0.35 mm²: thin vehicle cable after ISO 6722 (figure recalled from memory).
 */
final readonly class WireGauge
{
    private const OHMS_PER_METRE = [
        '0.35' => 0.0545,
        '0.5' => 0.0390,
        '0.75' => 0.0260,
        '1' => 0.0195,
        '1.5' => 0.0133,
        '2.5' => 0.00798,
    ];

    /** @return list<float> the cross-sections known, in mm² */
    public static function knownSquareMillimetres(): array
    {
        return array_map(floatval(...), array_keys(self::OHMS_PER_METRE));
    }

    public static function ohmsPerMetre(float $squareMillimetres): float
    {
        return self::OHMS_PER_METRE[(string) $squareMillimetres]
            ?? throw InvalidQuantity::notKnown('squareMillimetres', $squareMillimetres, self::knownSquareMillimetres());
    }
}
