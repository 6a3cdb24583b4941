<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How warm it is around the car, and how much warmer its hubs get. */
final readonly class Climate
{
    public function __construct(
        public float $ambientCelsius,
        public float $hubRiseKelvin,
    ) {
    }

    public function at(float $ambientCelsius): self
    {
        return new self($ambientCelsius, $this->hubRiseKelvin);
    }
}
