<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How the brake pedal clears codes, with the check connector open and the car at rest. */
final readonly class PedalClearing
{
    /**
     * @param  int  $clearPresses  at least; 0 where the pedal clears nothing
     * @param  float  $clearWithinSeconds  in which they have to come
     */
    public function __construct(
        public int $clearPresses = 0,
        public float $clearWithinSeconds = 0.0,
    ) {
        Quantity::notNegative(['clearPresses' => $this->clearPresses, 'clearWithinSeconds' => $this->clearWithinSeconds]);
    }
}
