<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One line of the data sheet. */
final readonly class NominalValue
{
    /**
     * @param  string  $what  "coil", "ac", "gap", "supply", "low" or "high"
     * @param  string  $unit  as printed: Ω, mV, mm, V or mA
     * @param  ?float  $atTurnsPerSecond  how fast the wheel turns for it; null where that does not matter
     */
    public function __construct(
        public string $what,
        public ?float $least,
        public ?float $greatest,
        public string $unit,
        public ?float $atTurnsPerSecond = null,
    ) {
    }
}
