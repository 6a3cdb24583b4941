<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** From where on a driver notices something as a car pulls away, and for how long the throttle is open. */
final readonly class StartLimits
{
    /**
     * @param  float  $openSeconds  with the throttle open
     * @param  float  $speedShare  by which the car is faster or slower than usual at the end ...
     * @param  float  $speedMetresPerSecond  ... and by which more
     * @param  float  $spinsMetresPerSecond  by which a wheel runs faster than the car ...
     * @param  float  $spinsSeconds  ... and for how long, until it is noticed
     * @param  float  $hearsSeconds  that the unit works, or the engine is held back, until that is noticed
     */
    public function __construct(public float $openSeconds, public float $speedShare, public float $speedMetresPerSecond, public float $spinsMetresPerSecond, public float $spinsSeconds, public float $hearsSeconds)
    {
        Quantity::positive([
            'openSeconds' => $openSeconds, 'speedShare' => $speedShare, 'speedMetresPerSecond' => $speedMetresPerSecond, 'spinsMetresPerSecond' => $spinsMetresPerSecond, 'spinsSeconds' => $spinsSeconds,
            'hearsSeconds' => $hearsSeconds,
        ]);
    }

    /** Every limit so many times as far. */
    public function times(float $factor): self
    {
        return new self($this->openSeconds, $factor * $this->speedShare, $factor * $this->speedMetresPerSecond, $this->spinsMetresPerSecond, $factor * $this->spinsSeconds, $factor * $this->hearsSeconds);
    }
}
