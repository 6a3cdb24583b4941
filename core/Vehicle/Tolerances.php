<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How much sound parts of one kind differ: standard deviations relative to the nominal value. */
final readonly class Tolerances
{
    /** Five of these below the mean a part is still there. */
    private const GREATEST = 0.18;

    public function __construct(
        public float $sensor,
        public float $signal,
        public float $gap,
    ) {
        foreach (['sensor' => $this->sensor, 'signal' => $this->signal, 'gap' => $this->gap] as $quantity => $spread) {
            Quantity::within($quantity, $spread, 0.0, self::GREATEST);
        }
    }
}
