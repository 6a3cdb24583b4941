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

    /** The circuit of one wheel with all that hangs on it, by itself: the other one does not reach it. */
    public function circuitOf(string $channel): self
    {
        $name = $this->wheels[$channel]->circuit;

        return new self(array_filter($this->wheels, static fn (WheelLine $line): bool => $line->circuit === $name), [$name => $this->circuits[$name]]);
    }

    public function withWheel(string $channel, WheelLine $line): self
    {
        return new self([...$this->wheels, $channel => $line], $this->circuits);
    }

    public function withCircuit(string $name, BrakeCircuit $circuit): self
    {
        return new self($this->wheels, [...$this->circuits, $name => $circuit]);
    }
}
