<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Provocation;

/** Somebody holds the steering at its lock, moves a cable, warms a sensor, while another looks at an instrument. */
final readonly class Provoked
{
    public function __construct(public Provocation $how, public string $channel)
    {
    }

    public function reaches(Provocation $how, string $channel): bool
    {
        return $this->how === $how && (! $how->isLocal() || $this->channel === $channel);
    }
}
