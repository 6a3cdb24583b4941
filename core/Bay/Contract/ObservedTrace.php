<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** A trace as the screen shows it: converter steps from the middle of the screen. */
final readonly class ObservedTrace
{
    /** @param  list<int>  $steps */
    public function __construct(public array $steps, public float $secondsPerSample, public float $voltsPerStep)
    {
    }
}
