<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Current;

use Lernfall\Quantity;

/** The weak level with which a module feels for a sensor before it switches its supply to it. */
final readonly class WeakTest
{
    /**
     * @param  float  $volts  behind $ohms
     * @param  float  $leastAmperes  less through the sensor means an open circuit
     * @param  float  $leastVolts  less on the first conductor means a short
     */
    public function __construct(public float $volts, public float $ohms, public float $leastAmperes, public float $leastVolts)
    {
        Quantity::positive(['testVolts' => $this->volts, 'leastTestAmperes' => $this->leastAmperes, 'leastTestVolts' => $this->leastVolts]);
        Quantity::resistances(['testOhms' => $this->ohms]);
    }
}
