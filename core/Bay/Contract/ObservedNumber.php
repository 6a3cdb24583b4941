<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** A number as the display shows it: rounded to the display's own step. */
final readonly class ObservedNumber
{
    private const RELATIVE_RESOLUTION = 1e-9;

    private const SMALLEST = 1e-3;

    private function __construct(
        public string $unit,
        public float $si,
        public float $resolution,
        public bool $overload,
    ) {
    }

    public static function shown(string $unit, float $si, float $resolution): self
    {
        return new self($unit, ($resolution > 0.0 ? round($si / $resolution) * $resolution : $si) + 0.0, $resolution, false);
    }

    /** With all the digits that mean anything. */
    public static function exact(string $unit, float $si): self
    {
        return new self($unit, $si, max(abs($si), self::SMALLEST) * self::RELATIVE_RESOLUTION, false);
    }

    public static function overload(string $unit): self
    {
        return new self($unit, 0.0, 0.0, true);
    }
}
