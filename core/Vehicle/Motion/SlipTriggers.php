<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** From where on a braked wheel slips too much. */
final readonly class SlipTriggers
{
    /**
     * @param  float  $slipShare  a wheel slower than the car by this share of its speed ...
     * @param  float  $slipMetresPerSecond  ... and by this much more slips too much
     * @param  float  $earlyShare  by this share, one that falls fast does already
     * @param  float  $fallsMetresPerSecondSquared  how fast that is, above zero
     * @param  float  $unseenFactor  so many times as much where the switch at the pedal does not say that somebody brakes
     */
    public function __construct(public float $slipShare = 0.105, public float $slipMetresPerSecond = 0.58, public float $earlyShare = 0.052, public float $fallsMetresPerSecondSquared = 40.0, public float $unseenFactor = 1.25)
    {
        Quantity::within('slipShare', $slipShare, 0.0, 1.0);
        Quantity::within('earlyShare', $earlyShare, 0.0, 1.0);
        Quantity::notNegative(['unseenFactor' => $unseenFactor - 1.0]);
        Quantity::positive(['slipMetresPerSecond' => $slipMetresPerSecond, 'fallsMetresPerSecondSquared' => $fallsMetresPerSecondSquared]);
    }

    public function times(float $factor): self
    {
        return new self(min(1.0, $factor * $this->slipShare), $factor * $this->slipMetresPerSecond, min(1.0, $factor * $this->earlyShare), $factor * $this->fallsMetresPerSecondSquared, $this->unseenFactor);
    }

    /** By how much a wheel may be slower than the car, in m/s. */
    public function limit(float $carMetresPerSecond): float
    {
        return $this->slipShare * $carMetresPerSecond + $this->slipMetresPerSecond;
    }

    /** @param  float  $acceleration  of the wheel, m/s² */
    public function areReached(float $carMetresPerSecond, float $wheelMetresPerSecond, float $acceleration): bool
    {
        $slower = $carMetresPerSecond - $wheelMetresPerSecond;

        return $slower > $this->limit($carMetresPerSecond)
            || ($acceleration < -$this->fallsMetresPerSecondSquared && $slower > $this->earlyShare * $carMetresPerSecond + $this->slipMetresPerSecond);
    }
}
