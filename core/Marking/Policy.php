<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** What counts how much. */
final readonly class Policy
{
    /**
     * @param  array<string, int>  $weights  points by criterion
     * @param  float  $diagnosisMinutes  the time a sensible diagnosis may take, repair left aside
     */
    public function __construct(public array $weights, public float $diagnosisMinutes)
    {
    }
}
