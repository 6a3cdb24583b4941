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
     * The circuits of these channels and wheels with all that hangs on them, by themselves: the others do not reach them.
     *
     * @param  list<string>  $channels
     */
    public function circuitsOf(array $channels): self
    {
        $reached = array_filter($this->wheels, fn (WheelLine $line, string $channel): bool => in_array($channel, $channels, true) || in_array($this->wheelAt($channel), $channels, true), ARRAY_FILTER_USE_BOTH);
        $names = array_map(static fn (WheelLine $line): string => $line->circuit, $reached);

        return new self(
            array_filter($this->wheels, static fn (WheelLine $line): bool => in_array($line->circuit, $names, true)),
            array_intersect_key($this->circuits, array_fill_keys($names, true)),
        );
    }

    /** The wheel that the valves of a channel brake: its own, unless pipes are screwed on wrongly. */
    public function wheelAt(string $channel): string
    {
        $goesTo = $this->wheels[$channel]->goesTo;

        return $goesTo === '' ? $channel : $goesTo;
    }

    /** The line that ends at a wheel. */
    public function lineTo(string $wheel): WheelLine
    {
        foreach ($this->wheels as $channel => $line) {
            if ($this->wheelAt($channel) === $wheel) {
                return $line;
            }
        }

        return $this->wheels[$wheel];
    }

    /** With the pipes of two wheels in each other's place. */
    public function crossed(string $one, string $other): self
    {
        return $this->withWheel($one, $this->wheels[$one]->screwedTo($other, $this->wheels[$other]))->withWheel($other, $this->wheels[$other]->screwedTo($one, $this->wheels[$one]));
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

    /** Whether fluid is lost whenever somebody brakes. */
    public function leaks(): bool
    {
        return array_filter($this->wheels, static fn (WheelLine $line): bool => $line->leakFlow > 0.0) !== [];
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
