<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** Valves, accumulators and pumps of a car, with the lines to its brakes. */
final readonly class HydraulicUnit
{
    /**
     * @param  array<string, WheelLine>  $wheels  by channel
     * @param  array<string, BrakeCircuit>  $circuits  by name
     */
    public function __construct(public array $wheels, public array $circuits)
    {
    }

    /**
     * The circuits of these wheels with all that hangs on them, by themselves: the others do not reach them.
     *
     * @param  list<string>  $channels
     */
    public function circuitsOf(array $channels): self
    {
        $names = array_map(fn (string $channel): string => $this->wheels[$channel]->circuit, $channels);

        return new self(
            array_filter($this->wheels, static fn (WheelLine $line): bool => in_array($line->circuit, $names, true)),
            array_intersect_key($this->circuits, array_fill_keys($names, true)),
        );
    }

    /** Whether the pump can brake this wheel without the pedal. */
    public function buildsUp(string $channel): bool
    {
        $circuit = isset($this->wheels[$channel]) ? $this->circuits[$this->wheels[$channel]->circuit] : null;

        return $circuit?->isolation !== null && $circuit->priming !== null;
    }

    public function hasAir(): bool
    {
        return array_filter($this->wheels, static fn (WheelLine $line): bool => $line->brake->volume->airCubicCentimetres > 0.0) !== [];
    }

    public function withWheel(string $channel, WheelLine $line): self
    {
        return new self([...$this->wheels, $channel => $line], $this->circuits);
    }

    /** @param  array<string, BrakeCircuit>  $circuits */
    public function withCircuits(array $circuits): self
    {
        return new self($this->wheels, $circuits);
    }

    public function withCircuit(string $name, BrakeCircuit $circuit): self
    {
        return new self($this->wheels, [...$this->circuits, $name => $circuit]);
    }
}
