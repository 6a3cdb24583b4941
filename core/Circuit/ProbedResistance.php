<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What an ohmmeter finds between two leads: the resistance, and a foreign voltage it cannot tell from its own. */
final readonly class ProbedResistance
{
    public function __construct(private float $ohms, private float $foreignVolts)
    {
    }

    /**
     * The voltage over the leads divided by the meter's own current. On a live circuit that is nonsense and may be
     * negative, as on a real meter.
     */
    public function shownAt(float $testAmperes): float
    {
        return $this->ohms + $this->foreignVolts / $testAmperes;
    }
}
