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

    public function withWheel(string $channel, WheelLine $line): self
    {
        return new self([...$this->wheels, $channel => $line], $this->circuits);
    }

    public function withCircuit(string $name, BrakeCircuit $circuit): self
    {
        return new self($this->wheels, [...$this->circuits, $name => $circuit]);
    }
}
