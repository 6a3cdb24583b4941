<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What a module measures at its pins. */
final readonly class InputVoltages
{
    /**
     * @param  float  $firstVolts  first conductor against ground
     * @param  float  $secondVolts  second conductor against ground
     * @param  float  $sensed  an active channel: amperes of a two-wire sensor, signal volts of a three-wire one
     * @param  float  $feedAmperes  an active channel: what it takes from its supply
     * @param  bool  $isFed  an active channel: by its full supply, not by a weak test level
     */
    public function __construct(public float $firstVolts, public float $secondVolts, public float $sensed = 0.0, public float $feedAmperes = 0.0, public bool $isFed = false)
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
