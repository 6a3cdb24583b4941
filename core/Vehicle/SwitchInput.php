<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/**
 * The module's input for a three-wire sensor: supply on the first conductor, ground on the second, signal on the third,
 * pulled up for a sinking sensor and down for a sourcing one.
 */
final readonly class SwitchInput implements InputStage
{
    /**
     * @param  float  $supplyVolts  regulated; 0 takes the system voltage
     * @param  float  $offOhms  what the unpowered supply shows towards ground
     * @param  float  $pullVolts  the level the signal is pulled up to; 0 pulls it down
     * @param  float  $inputOhms  what the input itself loads the signal with
     * @param  float  $thresholdVolts  between the two levels of the signal
     * @param  float  $leastSupplyAmperes  less at key-on means an open circuit
     * @param  float  $leastSupplyVolts  less on the supply at key-on means a short
     */
    public function __construct(
        public float $supplyVolts,
        public float $supplyOhms,
        public float $offOhms,
        public float $groundOhms,
        public float $pullVolts,
        public float $pullOhms,
        public float $inputOhms,
        public float $thresholdVolts,
        public float $leastSupplyAmperes,
        public float $leastSupplyVolts,
    ) {
    }
}
