<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** Voltage between two leads, split into what stands and what alternates. */
final readonly class ProbedVolts
{
    public function __construct(public float $standingVolts, public float $alternatingPeakVolts)
    {
    }
}
