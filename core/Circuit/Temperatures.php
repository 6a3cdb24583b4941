<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** How warm the sensors are. */
final readonly class Temperatures
{
    /** @param  array<string, float>  $warmedKelvin  by channel: on top of its hub */
    public function __construct(public float $hubCelsius, private array $warmedKelvin = [])
    {
    }

    public function ofSensor(string $channel): float
    {
        return $this->hubCelsius + ($this->warmedKelvin[$channel] ?? 0.0);
    }
}
