<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** A circuit with an ohmmeter on it. */
final readonly class ProbedResistance
{
    public function __construct(private SolvedCircuit $circuit, private string $first, private string $second)
    {
    }

    /**
     * The voltage over the leads divided by the meter's own current. On a live circuit that is nonsense and may be
     * negative, as on a real meter; on an active sensor it depends on the current, and on which lead is where.
     */
    public function shownAt(float $testAmperes): float
    {
        return $this->circuit->voltsBetween($this->first, $this->second, $testAmperes) / $testAmperes;
    }
}
