<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** When a module notices a channel without signal while driving. */
final readonly class MissingSignalLimits
{
    /**
     * @param  float  $missingAboveMetresPerSecond  above this speed
     * @param  float  $missingSeconds  and when it lasts this long
     * @param  float  $weakAboveMetresPerSecond  pulling away: a signal that is first counted above this speed is too weak
     * @param  float  $impossibleMetresPerSecondSquared  a wheel that seems to slow harder than this has not: its signal dropped out
     */
    public function __construct(
        public float $missingAboveMetresPerSecond,
        public float $missingSeconds,
        public float $weakAboveMetresPerSecond = INF,
        public float $impossibleMetresPerSecondSquared = 0.0,
    ) {
        Quantity::positive(['missingAboveMetresPerSecond' => $this->missingAboveMetresPerSecond, 'missingSeconds' => $this->missingSeconds, 'weakAboveMetresPerSecond' => $this->weakAboveMetresPerSecond]);
        Quantity::notNegative(['impossibleMetresPerSecondSquared' => $this->impossibleMetresPerSecondSquared]);
    }
}
