<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** The hydraulic unit of a car with all that belongs to it: fluid, wires, and the pedal that presses on it. */
final readonly class BrakeUnit
{
    public function __construct(public HydraulicUnit $hydraulics, public UnitWiring $wiring, public MasterCylinder $master)
    {
    }

    public function withHydraulics(HydraulicUnit $hydraulics): self
    {
        return new self($hydraulics, $this->wiring, $this->master);
    }

    public function withWiring(UnitWiring $wiring): self
    {
        return new self($this->hydraulics, $wiring, $this->master);
    }
}
