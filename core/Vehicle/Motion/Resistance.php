<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** What slows a car that nobody brakes. */
final readonly class Resistance
{
    /**
     * @param  float  $rollingShare  rolling force of a wheel against its load
     * @param  float  $airNewtons  air resistance at one metre a second; it grows with the square of the speed
     */
    public function __construct(public float $rollingShare = 0.012, public float $airNewtons = 0.4)
    {
        Quantity::within('rollingShare', $rollingShare, 0.0, 1.0);
        Quantity::notNegative(['airNewtons' => $airNewtons]);
    }
}
