<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What the maker's data sheet gives for the sensors of one axle. */
final readonly class NominalValues
{
    public function __construct(
        public float $leastCoilOhms,
        public float $greatestCoilOhms,
        public float $leastAcVolts,
        public float $atTurnsPerSecond,
        public float $leastGapMetres,
        public float $greatestGapMetres,
    ) {
    }
}
