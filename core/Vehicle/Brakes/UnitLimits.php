<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** From where on the module is not content with what it sees of its hydraulic unit. */
final readonly class UnitLimits
{
    /** A usual module, for vehicle files that do not say. */
    public const LEAST_SHARE = 0.5;

    public const LEAST_VOLTS = 7.0;

    /**
     * @param  float  $leastShare  of the expected current; a winding that takes less is open
     * @param  float  $leastVolts  at the unit while its relay is pulled; less is no supply
     */
    public function __construct(public float $leastShare = self::LEAST_SHARE, public float $leastVolts = self::LEAST_VOLTS)
    {
        Quantity::within('leastShare', $leastShare, 0.0, 1.0);
        Quantity::positive(['leastVolts' => $leastVolts]);
    }
}
