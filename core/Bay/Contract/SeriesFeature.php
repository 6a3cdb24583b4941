<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Values recorded over time. */
final readonly class SeriesFeature implements Feature
{
    /** @param  list<float>  $values  in SI units */
    public function __construct(public string $unit, public array $values, public float $secondsPerSample, public float $resolution)
    {
    }
}
