<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The motor of the return pumps. */
final readonly class PumpMotor
{
    /**
     * @param  float  $ohms  of the turning motor, as a resistance
     * @param  float  $turnsFromVolts  with less across it the motor stands
     * @param  bool  $broken  nothing flows through it: brushes worn down, or its winding open
     */
    public function __construct(public float $ohms, public float $turnsFromVolts, public bool $broken = false)
    {
        Quantity::resistances(['motorOhms' => $ohms]);
        Quantity::positive(['motorTurnsFromVolts' => $turnsFromVolts]);
    }

    public function broken(): self
    {
        return new self($this->ohms, $this->turnsFromVolts, true);
    }

    public function turnsAt(float $volts): bool
    {
        return ! $this->broken && $volts >= $this->turnsFromVolts;
    }
}
