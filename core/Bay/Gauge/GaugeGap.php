<?php

declare(strict_types=1);

namespace Lernfall\Bay\Gauge;

use Lernfall\Bay\Contract\Observing;

/** Measures the gap between ring and sensor with feeler gauges. */
final readonly class GaugeGap implements Observing
{
    public function __construct(public string $channel)
    {
    }

    public function name(): string
    {
        return 'gauge-gap';
    }

    public function rate(): string
    {
        return 'gauge-gap';
    }

    public function question(): string
    {
        return "gauge-gap $this->channel";
    }
}
