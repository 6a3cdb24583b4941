<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\PowerFeed;

/** The channels somebody looks at, joined with whatever is connected to them. */
final readonly class LiveCircuit
{
    private const TEST = 'test';

    /** @param  list<Device>  $devices */
    private function __construct(public Netlist $netlist, public array $devices, private bool $hasBattery = false)
    {
    }

    /**
     * @param  array<array-key, Channel>  $channels  as they really are, by id, with all that leads join to them
     * @param  array<array-key, int>  $levels  states of sensors by channel; the first where none is given
     * @param  float  $injects  where an injected signal is: 0 at its lower level, 1 at its upper one; of a sine −1 to 1
     */
    public static function of(array $channels, ElectricalState $state, array $levels = [], float $injects = 0.0): self
    {
        $supply = $state->attached->bench;
        if ($supply === null || ! isset($channels[$supply->channel])) {
            return self::settled($channels, $state->withBench(null), $levels, $injects);
        }
        $held = BenchElement::settled(
            $supply,
            static fn (BenchSupply $one): SolvedCircuit => self::settled($channels, $state->withBench($one), $levels, $injects)->solved(),
        );

        return self::settled($channels, $state->withBench($held), $levels, $injects);
    }

    /** With the battery, without which its poles are dead pads. */
    public function withBattery(ElectricalState $state): self
    {
        return $this->hasBattery ? $this : new self(ChannelNetlist::addBattery(clone $this->netlist, $state), $this->devices, true);
    }

    /** With the module's own supply, which hangs on the battery. */
    public function withFeed(PowerFeed $feed, ElectricalState $state, bool $keyOn, bool $plugged): self
    {
        return $this->withNetlist(FeedElement::add(clone $this->netlist, $feed, $state, $keyOn, $plugged));
    }

    /**
     * With the hydraulic unit and the switches of the brakes, which hang on the battery too.
     *
     * @param  UnitWiring  $wiring  of the unit as it really is
     * @param  list<string>  $worked  switches that somebody works
     */
    public function withUnit(BrakeParts $parts, UnitWiring $wiring, ElectricalState $state, UnitOrder $order, array $worked, float $celsius): self
    {
        $netlist = $this->hasBattery ? clone $this->netlist : ChannelNetlist::addBattery(clone $this->netlist, $state);
        $drivers = UnitCircuit::add($netlist, $wiring, $state, $order, $celsius);
        $netlist = SwitchElement::add($netlist, $parts, $worked, $state->moduleOn);

        return new self($netlist, [...$this->devices, ...$drivers], true);
    }

    public function withResistor(string $first, string $second, float $ohms): self
    {
        return $this->withNetlist((clone $this->netlist)->resistor($first, $second, $ohms));
    }

    /** An ohmmeter's own current, one ampere of it, out of its first lead. */
    public function withTestCurrent(string $first, string $second): self
    {
        return $this->withNetlist((clone $this->netlist)->current($second, $first, 1.0, self::TEST));
    }

    public function solved(): SolvedCircuit
    {
        return new SolvedCircuit(NodalAnalysis::solve($this->netlist), $this->devices, self::TEST);
    }

    /**
     * Puts one network together; what is added to it on the way is added to it for good.
     *
     * @param  array<array-key, Channel>  $channels
     * @param  array<array-key, int>  $levels
     */
    private static function settled(array $channels, ElectricalState $state, array $levels, float $injects): self
    {
        $circuit = new self(Netlist::empty(), []);
        foreach ($channels as $id => $channel) {
            $circuit = $circuit->withChannel($channel, $state, $levels[$id] ?? 0);
        }
        if ($state->attached->injection !== null && isset($channels[$state->attached->injection->channel])) {
            $circuit = $circuit->withInjection($channels[$state->attached->injection->channel], $state->attached->injection, $injects);
        }
        $netlist = $circuit->netlist;
        if ($state->attached->bench !== null) {
            $netlist = BenchElement::add($netlist, $channels[$state->attached->bench->channel], $state->attached->bench);
        }

        return $circuit->withNetlist($netlist)->withJumpers($state, array_map(strval(...), array_keys($channels)));
    }

    private function withChannel(Channel $channel, ElectricalState $state, int $level): self
    {
        $sensor = ChannelParts::sensor($channel);

        return $this
            ->withNetlist(ChannelNetlist::add($sensor->addTo($this->netlist, $channel, $state, $level), $channel, $state))
            ->withDevice($sensor->device($channel, $level));
    }

    private function withInjection(Channel $channel, Injection $injection, float $level): self
    {
        $pins = ChannelNetlist::loomNodes($channel);

        return match ($injection->shape) {
            'sine' => $this->withNetlist($this->sine($injection, $level, ...$injection->at->nodes($pins))),
            'current' => $this->withDevice(new Device($injection->excitation(), $pins[0], $pins[1], $injection->law($level > 0.0))),
            default => $this->withNetlist($this->netlist->source($pins[2] ?? $pins[0], $pins[1], $level * $injection->amplitude, Injection::SOURCE_OHMS, Excitation::DC)),
        };
    }

    private function sine(Injection $injection, float $level, string $first, string $second): Netlist
    {
        return $this->netlist
            ->source($first, $second, $level * $injection->amplitude, Injection::SOURCE_OHMS, Excitation::DC)
            ->current($second, $first, 1.0 / Injection::SOURCE_OHMS, Excitation::emf($injection->excitation()));
    }

    /**
     * Leads between these channels, and from them to body and battery.
     *
     * @param  list<string>  $channels
     */
    private function withJumpers(ElectricalState $state, array $channels): self
    {
        $netlist = $this->netlist;
        $touchesBattery = false;
        foreach ($state->attached->jumpers as $lead) {
            if (array_intersect($lead->channels(), $channels) !== []) {
                $netlist = $netlist->resistor(ChannelNetlist::nodeOf($lead->first), ChannelNetlist::nodeOf($lead->second), $lead->ohms);
                $touchesBattery = $touchesBattery || array_filter([$lead->first, $lead->second], static fn (Pad $pad): bool => $pad->isBattery()) !== [];
            }
        }
        $joined = $this->withNetlist($netlist);

        return $touchesBattery ? $joined->withBattery($state) : $joined;
    }

    private function withNetlist(Netlist $netlist): self
    {
        return new self($netlist, $this->devices, $this->hasBattery);
    }

    private function withDevice(?Device $device): self
    {
        return $device === null
            ? $this
            : new self($this->netlist->current($device->plus, $device->minus, 1.0, $device->excitation), [...$this->devices, $device], $this->hasBattery);
    }
}
