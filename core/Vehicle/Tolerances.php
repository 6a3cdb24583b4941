<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How much sound parts of one kind differ: standard deviations relative to the nominal value. */
final readonly class Tolerances
{
    public function __construct(
        public float $sensor,
        public float $signal,
        public float $gap,
    ) {
        Quantity::notNegative(['sensor' => $this->sensor, 'signal' => $this->signal, 'gap' => $this->gap]);
    }
}
