<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** When a module notices what a ring does once in every turn. */
final readonly class RingPatternLimits
{
    /**
     * @param  float  $patternAboveMetresPerSecond  gaps once a turn are noticed above this speed
     * @param  float  $patternTurns  and when they come back in this many turns
     * @param  float  $leastEvenness  the weakest tooth of a turn against the strongest; less is taken for a ring that swings. 0 where amplitudes are not watched
     */
    public function __construct(public float $patternAboveMetresPerSecond, public float $patternTurns, public float $leastEvenness = 0.0)
    {
        Quantity::positive(['patternAboveMetresPerSecond' => $this->patternAboveMetresPerSecond, 'patternTurns' => $this->patternTurns]);
        Quantity::within('leastEvenness', $this->leastEvenness, 0.0, 1.0);
    }
}
