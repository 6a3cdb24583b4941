<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How the gap of a sound corner moves with temperature and steering. */
final readonly class GapShift
{
    /**
     * @param  float  $metresPerKelvin  hub and knuckle grow
     * @param  float  $atLockMetres  on the steered axle, at full lock: the bearing gives a little
     */
    public function __construct(public float $metresPerKelvin, public float $atLockMetres)
    {
        Quantity::notNegative(['metresPerKelvin' => $this->metresPerKelvin, 'atLockMetres' => $this->atLockMetres]);
    }

    public static function none(): self
    {
        return new self(0.0, 0.0);
    }
}
