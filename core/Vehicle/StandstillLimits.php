<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What a module takes for an open or shorted circuit when the key is turned on. */
final readonly class StandstillLimits
{
    /**
     * @param  float  $openAboveVolts  more than this between the two conductors means an open circuit
     * @param  float  $groundBelowVolts  their mean below this means a short to ground
     * @param  float  $supplyAboveVolts  their mean above this means a short to supply
     * @param  float  $shortedBelowVolts  less than this between them means they touch
     * @param  float  $lowVolts  less than this at the module's own pins is noted; 0 where it never is
     */
    public function __construct(
        public float $openAboveVolts,
        public float $groundBelowVolts,
        public float $supplyAboveVolts,
        public float $shortedBelowVolts,
        public float $lowVolts = 0.0,
    ) {
        Quantity::positive(['openAboveVolts' => $this->openAboveVolts, 'groundBelowVolts' => $this->groundBelowVolts, 'supplyAboveVolts' => $this->supplyAboveVolts, 'shortedBelowVolts' => $this->shortedBelowVolts]);
        Quantity::notNegative(['lowVolts' => $this->lowVolts]);
    }
}
