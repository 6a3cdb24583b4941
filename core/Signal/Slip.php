<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use InvalidArgumentException;

/** Slip of a wheel: braking (v − ωr)/v, driving (ωr − v)/(ωr). */
final readonly class Slip
{
    /**
     * @param  float  $vehicleMetresPerSecond  above zero where the wheel is slower, the wheel's above zero where it is faster
     *
     * @throws InvalidArgumentException where nothing moves, or something moves backwards
     */
    public static function of(float $vehicleMetresPerSecond, float $wheelMetresPerSecond): float
    {
        $faster = max($vehicleMetresPerSecond, $wheelMetresPerSecond);
        if ($faster <= 0.0 || min($vehicleMetresPerSecond, $wheelMetresPerSecond) < 0.0) {
            throw new InvalidArgumentException('slip needs a speed above zero');
        }

        return abs($vehicleMetresPerSecond - $wheelMetresPerSecond) / $faster;
    }
}
