<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Bay\ClosedGround\Footing;

/** What is driven on the road of the lab. */
final readonly class RoadTask
{
    /**
     * @param  bool  $pullsAway  with the throttle open; else it is braked
     * @param  float  $metresPerSecond  from which it is braked
     * @param  float  $footNewtons  that the foot comes to
     */
    public function __construct(public Footing $footing, public bool $pullsAway, public float $metresPerSecond, public float $footNewtons)
    {
    }
}
