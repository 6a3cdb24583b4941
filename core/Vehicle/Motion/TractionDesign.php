<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/**
 * By what a module keeps driven wheels from spinning. The figures are an invented usual module's, for vehicle files that do not say; how they work together is
 * common practice, no source.
 */
final readonly class TractionDesign
{
    /**
     * @param  float  $spinMetresPerSecond  by which a driven wheel may be faster than the car ...
     * @param  float  $spinShare  ... and by which share of the car's speed more
     * @param  float  $brakesBelowMetresPerSecond  of the car: faster than that no wheel is braked
     * @param  ?bool  $byTorque  it holds the engine back; null where it does just if it cannot brake the driven wheels
     */
    public function __construct(public float $spinMetresPerSecond = 1.2, public float $spinShare = 0.05, public float $brakesBelowMetresPerSecond = 11.1, public ?bool $byTorque = null)
    {
        Quantity::positive(['spinMetresPerSecond' => $spinMetresPerSecond, 'brakesBelowMetresPerSecond' => $brakesBelowMetresPerSecond]);
        Quantity::within('spinShare', $spinShare, 0.0, 1.0);
    }

    /** By how much a driven wheel may be faster than a car that goes so fast. */
    public function limit(float $metresPerSecond): float
    {
        return $this->spinMetresPerSecond + $this->spinShare * $metresPerSecond;
    }
}
