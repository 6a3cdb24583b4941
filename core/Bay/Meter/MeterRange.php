<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Quantity;

/** One range of the meter. */
final readonly class MeterRange
{
    /**
     * @param  float  $fullScale  in the SI unit of the function
     * @param  float  $resolution  one digit, same unit
     * @param  float  $testAmperes  the current fed on a resistance range; 0 on a voltage range
     */
    public function __construct(public float $fullScale, public float $resolution, public float $testAmperes = 0.0)
    {
        Quantity::positive(['fullScale' => $this->fullScale, 'resolution' => $this->resolution]);
        Quantity::notNegative(['testAmperes' => $this->testAmperes]);
    }
}
