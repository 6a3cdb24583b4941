<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What a module takes for an open or shorted circuit, as the key is turned on and while it watches. */
final readonly class StandstillLimits
{
    /**
     * @param  float  $openAboveVolts  more than this between the two conductors means an open circuit
     * @param  float  $groundBelowVolts  their mean below this means a short to ground
     * @param  float  $supplyAboveVolts  their mean above this means a short to supply
     * @param  float  $shortedBelowVolts  less than this between them means they touch
     * @param  float  $lowVolts  less than this at the module's own pins is noted; 0 where it never is
     * @param  float  $watchesSeconds  what is out of range this long while the key is on is noticed; infinite where only turning the key tests it
     */
    public function __construct(
        public float $openAboveVolts,
        public float $groundBelowVolts,
        public float $supplyAboveVolts,
        public float $shortedBelowVolts,
        public float $lowVolts = 0.0,
        public float $watchesSeconds = INF,
    ) {
        Quantity::positive(['openAboveVolts' => $this->openAboveVolts, 'groundBelowVolts' => $this->groundBelowVolts, 'supplyAboveVolts' => $this->supplyAboveVolts, 'shortedBelowVolts' => $this->shortedBelowVolts]);
        Quantity::positive(['watchesSeconds' => $this->watchesSeconds]);
        Quantity::notNegative(['lowVolts' => $this->lowVolts]);
    }

    public function watches(): bool
    {
        return is_finite($this->watchesSeconds);
    }
}
