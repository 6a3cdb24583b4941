<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The wires of the hydraulic unit: what feeds its valves and its pump, their windings, and one ground for all of them. */
final readonly class UnitWiring
{
    /**
     * @param  array<string, Coil>  $coils  by valve
     * @param  float  $motorOhms  of the turning pump motor, as a resistance
     * @param  float  $motorTurnsFromVolts  with less across it the motor stands
     * @param  float  $driverOhms  of a driver of the module between a winding and ground while it lets everything through
     * @param  float  $groundOhms  of the unit's ground wire with its screw on the body
     * @param  float  $rustOhms  under that screw
     */
    public function __construct(
        public array $coils,
        public RelayFeed $valves,
        public RelayFeed $pump,
        public float $motorOhms,
        public float $motorTurnsFromVolts,
        public float $driverOhms,
        public float $groundOhms,
        public float $rustOhms = 0.0,
    ) {
        Quantity::resistances(['motorOhms' => $motorOhms, 'driverOhms' => $driverOhms, 'groundOhms' => $groundOhms]);
        Quantity::positive(['motorTurnsFromVolts' => $motorTurnsFromVolts]);
        Quantity::notNegative(['rustOhms' => $rustOhms]);
    }

    /**
     * Which valves are driven to which position for this at a wheel: one valve with three positions, or inlet and outlet by themselves.
     *
     * @return array<string, int>
     */
    public function driven(string $channel, Modulation $modulation): array
    {
        if (isset($this->coils["$channel.valve"])) {
            return ["$channel.valve" => $modulation->position()];
        }

        return match ($modulation) {
            Modulation::Increase => [],
            Modulation::Hold => ["$channel.inlet" => 1],
            Modulation::Reduce => ["$channel.inlet" => 1, "$channel.outlet" => 1],
        };
    }

    public function withCoil(string $valve, Coil $coil): self
    {
        return new self([...$this->coils, $valve => $coil], $this->valves, $this->pump, $this->motorOhms, $this->motorTurnsFromVolts, $this->driverOhms, $this->groundOhms, $this->rustOhms);
    }

    public function withFeeds(?RelayFeed $valves = null, ?RelayFeed $pump = null): self
    {
        return new self($this->coils, $valves ?? $this->valves, $pump ?? $this->pump, $this->motorOhms, $this->motorTurnsFromVolts, $this->driverOhms, $this->groundOhms, $this->rustOhms);
    }

    public function withRust(float $ohms): self
    {
        return new self($this->coils, $this->valves, $this->pump, $this->motorOhms, $this->motorTurnsFromVolts, $this->driverOhms, $this->groundOhms, $ohms);
    }
}
