<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\InvalidQuantity;
use Lernfall\Quantity;

/** Slip of a wheel: braking (v − ωr)/v, driving (ωr − v)/(ωr). */
final readonly class Slip
{
    /**
     * @param  float  $vehicleMetresPerSecond  above zero where the wheel is slower, the wheel's above zero where it is faster
     *
     * @throws InvalidQuantity where nothing moves, or something moves backwards
     */
    public static function of(float $vehicleMetresPerSecond, float $wheelMetresPerSecond): float
    {
        $faster = max($vehicleMetresPerSecond, $wheelMetresPerSecond);
        Quantity::notNegative(['vehicleMetresPerSecond' => $vehicleMetresPerSecond, 'wheelMetresPerSecond' => $wheelMetresPerSecond]);
        Quantity::positive(['metresPerSecond' => $faster]);

        return abs($vehicleMetresPerSecond - $wheelMetresPerSecond) / $faster;
    }
}
