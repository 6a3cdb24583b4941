<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** By what a module takes the car's speed from those of its wheels. */
final readonly class ReferenceLimits
{
    /**
     * @param  float  $mostSlowingMetresPerSecondSquared  no road slows a car by more
     * @param  float  $leastSlowingMetresPerSecondSquared  by which its speed falls at least while every wheel slips on a slippery road
     * @param  float  $doubtfulShare  a wheel that is faster by this share than any other while nothing is braked hard is not believed
     * @param  float  $agreeShare  wheels within this share of one another ...
     * @param  float  $agreeSeconds  ... for so long roll with the car
     * @param  float  $learnsShare  by which a wheel's speed may differ all the time, by its tyre, and is put right
     * @param  float  $standsAfterSeconds  with every wheel slower than control leaves off at, the car is taken as standing
     * @param  float  $rollsSeconds  wheels that are let go and agree for so long roll with the car, whatever one that stands does
     * @param  float  $mostRisingMetresPerSecondSquared  by which its speed comes up at most to that of a wheel that runs up again, of which a few edges may tell too much
     */
    public function __construct(
        public float $mostSlowingMetresPerSecondSquared = 11.5,
        public float $leastSlowingMetresPerSecondSquared = 1.4,
        public float $doubtfulShare = 0.12,
        public float $agreeShare = 0.025,
        public float $agreeSeconds = 0.06,
        public float $learnsShare = 0.04,
        public float $standsAfterSeconds = 0.4,
        public float $rollsSeconds = 0.12,
        public float $mostRisingMetresPerSecondSquared = 25.0,
    ) {
        Quantity::above('mostSlowingMetresPerSecondSquared', $mostSlowingMetresPerSecondSquared, $leastSlowingMetresPerSecondSquared);
        Quantity::positive(['leastSlowingMetresPerSecondSquared' => $leastSlowingMetresPerSecondSquared, 'agreeSeconds' => $agreeSeconds, 'standsAfterSeconds' => $standsAfterSeconds, 'rollsSeconds' => $rollsSeconds, 'mostRisingMetresPerSecondSquared' => $mostRisingMetresPerSecondSquared]);
        Quantity::within('doubtfulShare', $doubtfulShare, 0.0, 1.0);
        Quantity::within('agreeShare', $agreeShare, 0.0, 1.0);
        Quantity::within('learnsShare', $learnsShare, 0.0, 1.0);
    }
}
