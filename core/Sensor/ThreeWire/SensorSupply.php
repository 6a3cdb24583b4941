<?php

declare(strict_types=1);

namespace Lernfall\Sensor\ThreeWire;

use Lernfall\Quantity;

/** What the module feeds a three-wire sensor with, and what it expects of it at key-on. */
final readonly class SensorSupply
{
    /**
     * @param  float  $supplyVolts  regulated; 0 takes the system voltage
     * @param  float  $offOhms  what the unpowered supply shows towards ground
     * @param  float  $leastSupplyAmperes  less at key-on means an open circuit
     * @param  float  $leastSupplyVolts  less on the supply at key-on means a short
     * @param  string  $shared  inputs with the same name hang on one supply; "" for one of its own
     */
    public function __construct(
        public float $supplyVolts,
        public float $supplyOhms,
        public float $offOhms,
        public float $leastSupplyAmperes,
        public float $leastSupplyVolts,
        public string $shared = '',
    ) {
        Quantity::positive(['leastSupplyAmperes' => $this->leastSupplyAmperes, 'leastSupplyVolts' => $this->leastSupplyVolts]);
        Quantity::resistances(['supplyOhms' => $this->supplyOhms, 'offOhms' => $this->offOhms]);
        Quantity::notNegative(['supplyVolts' => $this->supplyVolts]);
    }
}
