<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** A speed at which a check is made, and how far off it may be held. */
final readonly class CheckSpeed
{
    public function __construct(public float $metresPerSecond, public float $withinMetresPerSecond)
    {
        Quantity::positive(['metresPerSecond' => $this->metresPerSecond, 'withinMetresPerSecond' => $this->withinMetresPerSecond]);
    }

    public function holds(float $metresPerSecond): bool
    {
        return abs($metresPerSecond - $this->metresPerSecond) <= $this->withinMetresPerSecond;
    }
}
