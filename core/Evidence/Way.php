<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Prediction;

/**
 * One way a suspect's car can have come to be as it is now: where an outcome stayed hidden, a suspect has several.
 */
final readonly class Way
{
    /**
     * @param  int  $suspect  its place among the suspects
     * @param  float  $turns  natural logarithm of the chance of all the turns it took
     * @param  float  $fit  natural logarithm of how well everything shown fits it
     * @param  array<int, Prediction>  $predictions  by step number
     * @param  Ledger  $ledger  what the readings have told about this car's parts
     */
    public function __construct(
        public int $suspect,
        public Car $car,
        public float $turns = 0.0,
        public float $fit = 0.0,
        public array $predictions = [],
        public ?Ledger $ledger = null,
    ) {
    }

    public function ledger(): Ledger
    {
        return $this->ledger ?? Ledger::blank();
    }

    public function weight(): float
    {
        return $this->turns + $this->fit;
    }
}
