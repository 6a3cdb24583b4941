<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** What turns a driven axle as a car pulls away: its engine in first gear, with an open differential behind it. */
final readonly class Drivetrain
{
    /** So far below the fastest the engine begins to be held back by its limiter, as a share. */
    private const LIMITER_SHARE = 0.06;

    /**
     * @param  float  $axleNewtonMetres  at the axle with the throttle open
     * @param  float  $engineKilogramSquareMetres  inertia of the engine as the axle feels it
     * @param  float  $lagSeconds  by which torque follows the throttle
     * @param  float  $fastestMetresPerSecond  of the wheels on the mean, in first gear
     */
    public function __construct(public float $axleNewtonMetres, public float $engineKilogramSquareMetres, public float $lagSeconds = 0.2, public float $fastestMetresPerSecond = 14.0)
    {
        Quantity::positive([
            'axleNewtonMetres' => $axleNewtonMetres, 'engineKilogramSquareMetres' => $engineKilogramSquareMetres, 'lagSeconds' => $lagSeconds, 'fastestMetresPerSecond' => $fastestMetresPerSecond,
        ]);
    }

    /** What it gives with the throttle open while the axle turns so fast, as a share: its limiter holds it back towards the end of first gear. */
    public function limited(float $metresPerSecond): float
    {
        return max(0.0, min(1.0, (1.0 - $metresPerSecond / $this->fastestMetresPerSecond) / self::LIMITER_SHARE));
    }
}
