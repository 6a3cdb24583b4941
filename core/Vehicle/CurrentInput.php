<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/**
 * The module's input for an active two-wire sensor: it feeds the first conductor and senses the current, either in the
 * return (the second conductor) or in the feed. At key-on a weak test level comes first; full supply follows only if
 * what it finds is in range.
 */
final readonly class CurrentInput implements InputStage
{
    /**
     * @param  float  $switchOhms  the supply switch, from the system voltage to the first conductor
     * @param  float  $testVolts  the weak level, behind $testOhms
     * @param  float  $offOhms  what the unpowered output shows towards ground
     * @param  float  $shuntOhms  over which the current is sensed
     * @param  bool  $sensesReturn  the shunt lies between second conductor and ground; otherwise in the feed
     * @param  float  $thresholdAmperes  more counts as a tooth, less as a gap
     * @param  float  $leastTestAmperes  weak test: less through the sensor means an open circuit
     * @param  float  $leastTestVolts  weak test: less on the first conductor means a short
     */
    public function __construct(
        public float $switchOhms,
        public float $testVolts,
        public float $testOhms,
        public float $offOhms,
        public float $shuntOhms,
        public bool $sensesReturn,
        public float $thresholdAmperes,
        public float $leastTestAmperes,
        public float $leastTestVolts,
    ) {
    }
}
