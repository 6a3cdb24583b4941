<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** Battery and generator. */
final readonly class Supply
{
    public function __construct(
        public float $batteryVolts,
        public float $chargingVolts,
        public float $internalOhms,
    ) {
    }
}
