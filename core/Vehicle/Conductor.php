<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One conductor of a channel, as the wiring diagram names it. */
final readonly class Conductor
{
    public function __construct(
        public string $id,
        public string $colour,
        public string $sensorPin,
        public string $modulePin,
    ) {
    }
}
