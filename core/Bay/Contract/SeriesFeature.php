<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** Values recorded over time. */
final readonly class SeriesFeature implements Feature
{
    /** How much finer the steps of an ideal instrument are. */
    private const FINER = 1e6;

    /** @param  list<float>  $values  in SI units */
    public function __construct(public string $unit, public array $values, public float $secondsPerSample, public float $resolution)
    {
    }

    public function observed(Draw $noise, string $draw): ObservedSeries
    {
        $steps = array_map(fn (float $value): int => (int) round($value / $this->resolution), $this->values);

        return new ObservedSeries($this->unit, $steps, $this->secondsPerSample, $this->resolution);
    }

    public function exactly(): ObservedSeries
    {
        $resolution = $this->resolution / self::FINER;

        return new ObservedSeries($this->unit, array_map(static fn (float $value): int => (int) round($value / $resolution), $this->values), $this->secondsPerSample, $resolution);
    }
}
