<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** A part of a free drive: throttle open, foot on the brake, or neither, for so long or until the car stands. */
final readonly class FreePart
{
    /**
     * @param  float  $footNewtons  that the foot on the brake comes to; 0 where there is none
     * @param  float  $footNewtonsPerSecond  how fast it does
     * @param  int  $steers  1 to the left, -1 to the right, 0 straight ahead
     */
    public function __construct(public bool $isThrottle, public float $footNewtons, public float $footNewtonsPerSecond, public int $steers, public float $seconds)
    {
        Quantity::positive(['seconds' => $seconds]);
        Quantity::notNegative(['footNewtons' => $footNewtons]);
    }

    public function isBraked(): bool
    {
        return $this->footNewtons > 0.0;
    }

    public function footAfter(float $seconds): float
    {
        return min($this->footNewtons, $this->footNewtonsPerSecond * $seconds);
    }

    public function text(): string
    {
        return implode('/', [(int) $this->isThrottle, $this->footNewtons, $this->footNewtonsPerSecond, $this->steers, $this->seconds]);
    }
}
