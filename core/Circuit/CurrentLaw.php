<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/**
 * A current that never falls as the voltage rises: next to nothing below a waking voltage, then rising evenly to its level,
 * then that level; backwards a resistor behind a threshold.
 *
 * The rest of the circuit is its Thévenin equivalent, so that the two lines meet in one point, which is found piece by
 * piece without iteration.
 */
final readonly class CurrentLaw
{
    /** @param  float  $backwardsVolts  from here it conducts backwards, through $backwardsOhms */
    public function __construct(public float $levelAmperes, public float $wakesAtVolts, public float $fullAtVolts, public float $backwardsVolts, public float $backwardsOhms)
    {
    }

    /** Nothing flows, either way. */
    public static function none(): self
    {
        return new self(0.0, INF, INF, INF, 1.0);
    }

    public function isNone(): bool
    {
        return is_infinite($this->wakesAtVolts);
    }

    /** The current where it meets a source of this open voltage and internal resistance; negative backwards. */
    public function meeting(float $openVolts, float $ohms): float
    {
        if ($openVolts < -$this->backwardsVolts) {
            return ($openVolts + $this->backwardsVolts) / ($ohms + $this->backwardsOhms);
        }
        if ($openVolts <= $this->wakesAtVolts) {
            return 0.0;
        }
        if ($openVolts - $this->levelAmperes * $ohms >= $this->fullAtVolts) {
            return $this->levelAmperes;
        }
        $siemens = $this->levelAmperes / ($this->fullAtVolts - $this->wakesAtVolts);

        return $siemens * ($openVolts - $this->wakesAtVolts) / (1.0 + $siemens * $ohms);
    }
}
