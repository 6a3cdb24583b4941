<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Supply;

/** The channels somebody looks at, joined with whatever is connected to them. */
final readonly class LiveCircuit
{
    private const TEST = 'test';

    /** @param  list<Device>  $devices */
    private function __construct(public Netlist $netlist, public array $devices)
    {
    }

    public static function ofNothing(): self
    {
        return new self(Netlist::empty(), []);
    }

    public function withBattery(Supply $supply, ElectricalState $state): self
    {
        return new self(ChannelNetlist::addBattery($this->netlist, $supply, $state), $this->devices);
    }

    /** @param  bool  $tooth  whether an active sensor has a tooth in front of it, or an injected signal is at its upper level */
    public function withChannel(Channel $channel, ElectricalState $state, bool $tooth): self
    {
        $netlist = ChannelNetlist::add(SensorElement::add($this->netlist, $channel, $state, $tooth), $channel, $state);
        $circuit = $this->withDevice($netlist, SensorElement::device($channel, $tooth));

        return $state->injection?->channel === $channel->id ? $circuit->withInjection($channel, $state->injection, $tooth) : $circuit;
    }

    private function withInjection(Channel $channel, Injection $injection, bool $upper): self
    {
        $pins = ChannelNetlist::loomNodes($channel);

        return match ($injection->shape) {
            'sine' => new self($this->netlist->source($pins[0], $pins[1], 1.0, Injection::SOURCE_OHMS, SensorElement::emf($channel->id)), $this->devices),
            'current' => $this->withDevice($this->netlist, new Device("injection.$channel->id", $pins[0], $pins[1], new CurrentLaw($injection->asSensor(), $upper))),
            default => new self($this->netlist->source($pins[2] ?? $pins[0], $pins[1], $upper ? $injection->amplitude : 0.0, Injection::SOURCE_OHMS, ChannelNetlist::DC), $this->devices),
        };
    }

    private function withDevice(Netlist $netlist, ?Device $device): self
    {
        return $device === null
            ? new self($netlist, $this->devices)
            : new self($netlist->current($device->plus, $device->minus, 1.0, $device->excitation), [...$this->devices, $device]);
    }

    public function withResistor(string $first, string $second, float $ohms): self
    {
        return new self($this->netlist->resistor($first, $second, $ohms), $this->devices);
    }

    /** An ohmmeter's own current, one ampere of it, out of its first lead. */
    public function withTestCurrent(string $first, string $second): self
    {
        return new self($this->netlist->current($second, $first, 1.0, self::TEST), $this->devices);
    }

    public function solved(): SolvedCircuit
    {
        return new SolvedCircuit(NodalAnalysis::solve($this->netlist), $this->devices, self::TEST);
    }
}
