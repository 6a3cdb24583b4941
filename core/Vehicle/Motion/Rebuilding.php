<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** How pressure comes back at a wheel that has recovered. */
final readonly class Rebuilding
{
    /**
     * @param  float  $atOnceShare  of the time of letting go, for which it is built up at once where the road has grip
     * @param  float  $stepEverySeconds  from one small step to the next after that
     * @param  float  $yawDelaySeconds  longer from step to step at a front wheel with grip while the other one has none, so that the car does not swing; 0: no longer
     * @param  int  $growsAfterSteps  small steps after which each is longer than the one before: so many without slip, and the road has become better
     */
    public function __construct(public float $atOnceShare = 0.75, public float $stepEverySeconds = 0.024, public float $yawDelaySeconds = 0.024, public int $growsAfterSteps = 12)
    {
        Quantity::within('atOnceShare', $atOnceShare, 0.0, 1.0);
        Quantity::positive(['stepEverySeconds' => $stepEverySeconds]);
        Quantity::notNegative(['yawDelaySeconds' => $yawDelaySeconds, 'growsAfterSteps' => (float) $growsAfterSteps]);
    }
}
