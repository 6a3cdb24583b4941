<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Provocation;

/** Somebody holds the steering at its lock, moves a cable, warms a sensor, while another looks at an instrument. */
final readonly class Provoked
{
    /** @param  float  $warmsByKelvin  where it is warmed */
    public function __construct(public Provocation $how, public string $channel, public float $warmsByKelvin = 0.0)
    {
    }

    public function reaches(Provocation $how, string $channel): bool
    {
        return $this->how === $how && (! $how->isLocal() || $this->channel === $channel);
    }

    /** The channel whose sensor is being warmed; "" for none. */
    public function warms(): string
    {
        return $this->how === Provocation::Heat ? $this->channel : '';
    }
}
