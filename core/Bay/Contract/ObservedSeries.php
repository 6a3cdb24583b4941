<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Values recorded over time, as shown: whole steps. */
final readonly class ObservedSeries
{
    /**
     * @param  list<int>  $steps
     * @param  float  $resolution  one step, in SI units
     */
    public function __construct(public string $unit, public array $steps, public float $secondsPerSample, public float $resolution)
    {
    }
}
