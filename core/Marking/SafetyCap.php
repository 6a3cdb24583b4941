<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** The most that is left of the whole mark after an unsafe act that was done, or tried again after its caution. */
final readonly class SafetyCap
{
    public function __construct(public int $step, public float $points)
    {
    }
}
