<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** Battery and generator. */
final readonly class Supply
{
    /** @param  float  $cranksFromVolts  with less at the battery the starter does not turn the engine */
    public function __construct(
        public float $batteryVolts,
        public float $chargingVolts,
        public float $internalOhms,
        public float $cranksFromVolts = 0.0,
    ) {
        Quantity::positive(['batteryVolts' => $this->batteryVolts, 'chargingVolts' => $this->chargingVolts]);
        Quantity::notNegative(['cranksFromVolts' => $this->cranksFromVolts]);
        Quantity::resistances(['internalOhms' => $this->internalOhms]);
    }

    public function cranks(): bool
    {
        return $this->batteryVolts >= $this->cranksFromVolts;
    }
}
