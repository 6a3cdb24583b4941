<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\HydraulicUnit;

/** Where the fluid is. What is in the accumulators stays there from one test to the next until a pump empties them. */
final readonly class BrakeState
{
    /**
     * @param  array<string, float>  $bar  pressure at the brakes, by channel
     * @param  array<string, float>  $accumulated  cubic centimetres in the accumulators, by circuit
     * @param  array<string, float>  $displaced  cubic centimetres the master cylinder has given, by circuit: the way of the pedal
     * @param  array<string, float>  $lost  cubic centimetres lost to the outside, by circuit
     */
    public function __construct(public array $bar, public array $accumulated, public array $displaced, public array $lost)
    {
    }

    /** @param  array<string, float>  $accumulated  cubic centimetres, by circuit */
    public function with(array $accumulated): self
    {
        return new self($this->bar, $accumulated + $this->accumulated, $this->displaced, $this->lost);
    }

    /** Nobody brakes, and the accumulators are empty. */
    public static function atRest(HydraulicUnit $unit): self
    {
        $none = array_fill_keys(array_keys($unit->circuits), 0.0);

        return new self(array_fill_keys(array_keys($unit->wheels), 0.0), $none, $none, $none);
    }
}
