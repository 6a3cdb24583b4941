<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Prediction;

/**
 * One way a hypothesis' car can have come to be as it is now: where an outcome stayed hidden, a hypothesis has several.
 */
final readonly class HypothesisBranch
{
    /**
     * @param  int  $hypothesis  its place among the hypotheses
     * @param  float  $turns  natural logarithm of the chance of all the turns it took
     * @param  float  $fit  natural logarithm of how well everything shown fits it
     * @param  array<int, Prediction>  $predictions  by step number
     * @param  DeviationEstimate  $estimate  what the readings have told about this car's parts
     * @param  int  $standsSince  from this step on nothing was done to the car: a question put since shows again what it showed
     */
    public function __construct(
        public int $hypothesis,
        public Car $car,
        public float $turns = 0.0,
        public float $fit = 0.0,
        public array $predictions = [],
        public ?DeviationEstimate $estimate = null,
        public int $standsSince = 0,
    ) {
    }

    public function estimate(): DeviationEstimate
    {
        return $this->estimate ?? DeviationEstimate::blank();
    }

    public function weight(): float
    {
        return $this->turns + $this->fit;
    }
}
