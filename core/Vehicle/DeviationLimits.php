<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** When a module notices a wheel that is faster or slower than the others. Without bounds it never does. */
final readonly class DeviationLimits
{
    /**
     * @param  float  $deviationShare  by this much
     * @param  float  $deviationAboveMetresPerSecond  straight on and above this speed
     * @param  float  $deviationSeconds  and when it lasts this long
     */
    public function __construct(public float $deviationShare = INF, public float $deviationAboveMetresPerSecond = INF, public float $deviationSeconds = INF)
    {
        Quantity::positive(['deviationShare' => $this->deviationShare, 'deviationAboveMetresPerSecond' => $this->deviationAboveMetresPerSecond, 'deviationSeconds' => $this->deviationSeconds]);
    }
}
