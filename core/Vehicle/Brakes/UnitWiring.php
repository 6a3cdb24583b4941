<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The wires of the hydraulic unit: what feeds its valves and its pump, their windings, and one ground for all of them. */
final readonly class UnitWiring
{
    /**
     * @param  array<string, Coil>  $coils  by valve
     * @param  float  $driverOhms  of a driver of the module between a winding and ground while it lets everything through
     * @param  float  $groundOhms  of the unit's ground wire with its screw on the body
     * @param  float  $rustOhms  under that screw
     */
    public function __construct(
        public array $coils,
        public RelayFeed $valves,
        public RelayFeed $pump,
        public PumpMotor $motor,
        public float $driverOhms,
        public float $groundOhms,
        public float $rustOhms = 0.0,
    ) {
        Quantity::resistances(['driverOhms' => $driverOhms, 'groundOhms' => $groundOhms]);
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
        return $this->with(coils: [...$this->coils, $valve => $coil]);
    }

    /** @param  array<string, Coil>  $coils */
    public function withCoils(array $coils): self
    {
        return $this->with(coils: $coils);
    }

    public function withFeeds(?RelayFeed $valves = null, ?RelayFeed $pump = null): self
    {
        return $this->with(valves: $valves, pump: $pump);
    }

    public function withMotor(PumpMotor $motor): self
    {
        return $this->with(motor: $motor);
    }

    public function withRust(float $ohms): self
    {
        return $this->with(rustOhms: $ohms);
    }

    /** @param  ?array<string, Coil>  $coils */
    private function with(?array $coils = null, ?RelayFeed $valves = null, ?RelayFeed $pump = null, ?PumpMotor $motor = null, ?float $rustOhms = null): self
    {
        return new self($coils ?? $this->coils, $valves ?? $this->valves, $pump ?? $this->pump, $motor ?? $this->motor, $this->driverOhms, $this->groundOhms, $rustOhms ?? $this->rustOhms);
    }
}
