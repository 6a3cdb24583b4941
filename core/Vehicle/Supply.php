<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** Battery and generator. */
final readonly class Supply
{
    public function __construct(
        public float $batteryVolts,
        public float $chargingVolts,
        public float $internalOhms,
    ) {
        Quantity::positive(['batteryVolts' => $this->batteryVolts, 'chargingVolts' => $this->chargingVolts]);
        Quantity::resistances(['internalOhms' => $this->internalOhms]);
    }
}
