<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\Electronics;

/**
 * The current an active two-wire sensor takes: a line that never falls as the voltage rises.
 *
 * The rest of the circuit is its Thévenin equivalent, so that the two lines meet in one point, which is found piece by
 * piece without iteration.
 */
final readonly class CurrentLaw
{
    public float $levelAmperes;

    public function __construct(public CurrentSensor $sensor, bool $tooth)
    {
        $this->levelAmperes = match ($sensor->electronics) {
            Electronics::Dead, Electronics::Shorted => 0.0,
            Electronics::StuckLow => $sensor->lowAmperes,
            Electronics::StuckHigh => $sensor->highAmperes,
            Electronics::Sound => $tooth ? $sensor->highAmperes : $sensor->lowAmperes,
        };
    }

    /**
     * The current where the sensor meets a source of this open voltage and internal resistance; negative backwards.
     */
    public function meeting(float $openVolts, float $ohms): float
    {
        if ($this->sensor->electronics === Electronics::Dead || $this->sensor->electronics === Electronics::Shorted) {
            return 0.0;
        }
        if ($openVolts < -$this->sensor->backwardsVolts) {
            return ($openVolts + $this->sensor->backwardsVolts) / ($ohms + $this->sensor->backwardsOhms);
        }
        if ($openVolts <= $this->sensor->wakesAtVolts) {
            return 0.0;
        }
        if ($openVolts - $this->levelAmperes * $ohms >= $this->sensor->fullAtVolts) {
            return $this->levelAmperes;
        }
        $siemens = $this->levelAmperes / ($this->sensor->fullAtVolts - $this->sensor->wakesAtVolts);

        return $siemens * ($openVolts - $this->sensor->wakesAtVolts) / (1.0 + $siemens * $ohms);
    }
}
