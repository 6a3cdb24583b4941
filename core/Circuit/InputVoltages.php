<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** The two conductors at the module's pins, against ground. */
final readonly class InputVoltages
{
    public function __construct(public float $firstVolts, public float $secondVolts)
    {
    }

    public function acrossVolts(): float
    {
        return $this->firstVolts - $this->secondVolts;
    }

    public function meanVolts(): float
    {
        return ($this->firstVolts + $this->secondVolts) / 2.0;
    }
}
