<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** How far unlikely ways of a car are followed. */
final readonly class Pursuit
{
    /**
     * @param  float  $forgottenBelow  a way of the car this much less likely than its best way is not followed any more
     * @param  float  $ruledOutBelow  a hypothesis this much less likely than the likeliest is not followed any more
     * @param  int  $waysPerHypothesis  how many ways of one car are followed at most
     */
    public function __construct(
        public float $forgottenBelow,
        public float $ruledOutBelow,
        public int $waysPerHypothesis,
    ) {
    }
}
