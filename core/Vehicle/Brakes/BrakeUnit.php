<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Closure;

/** The hydraulic unit of a car with all that belongs to it: fluid, wires, and the pedal that presses on it. */
final readonly class BrakeUnit
{
    /**
     * @param  list<string>  $bleedingOrder  channels in the order the maker has them bled; none where it gives none
     * @param  bool  $isIntegrated  one housing with the module: windings and relays lie inside, and are renewed with it
     */
    public function __construct(public HydraulicUnit $hydraulics, public UnitWiring $wiring, public MasterCylinder $master, public bool $isCoded = true, public array $bleedingOrder = [], public bool $isIntegrated = false)
    {
    }

    /** @param  Closure(WheelLine): WheelLine  $change */
    public function withLine(string $channel, Closure $change): self
    {
        return $this->withHydraulics($this->hydraulics->withWheel($channel, $change($this->hydraulics->wheels[$channel])));
    }

    public function withMaster(MasterCylinder $master): self
    {
        return new self($this->hydraulics, $this->wiring, $master, $this->isCoded, $this->bleedingOrder, $this->isIntegrated);
    }

    /** A unit out of the box does not know yet which car it is in. */
    public function coded(bool $isCoded): self
    {
        return new self($this->hydraulics, $this->wiring, $this->master, $isCoded, $this->bleedingOrder, $this->isIntegrated);
    }

    /** The valve of a wheel that lets pressure out: its own, or the one with three positions. */
    public function reducingValve(string $channel): string
    {
        return isset($this->wiring->coils["$channel.valve"]) ? "$channel.valve" : "$channel.outlet";
    }

    /** @return array<string, Coil> the windings of a wheel's valves */
    public function coilsOf(string $channel): array
    {
        return array_filter($this->wiring->coils, static fn (string $valve): bool => str_starts_with($valve, "$channel."), ARRAY_FILTER_USE_KEY);
    }

    /**
     * What of it can be wrong by itself.
     *
     * @return array<string, mixed> by "place/part", a channel or the car as a whole
     */
    public function parts(): array
    {
        [$valves, $pump] = [$this->wiring->valves, $this->wiring->pump];
        $parts = [
            'car/valve-relay' => [$valves->relay, $valves->burntOhms], 'car/pump-relay' => [$pump->relay, $pump->burntOhms],
            'car/unit-fuses' => [$valves->fuseBlown, $pump->fuseBlown], 'car/unit-wires' => [$valves->wireBroken, $pump->wireBroken], 'car/unit-ground' => $this->wiring->rustOhms,
            'car/pumps' => [$this->wiring->motor, $this->hydraulics->circuits], 'car/master-cylinder' => $this->master->bypassFlow, 'car/servo' => $this->master->assistance, 'car/coding' => $this->isCoded,
        ];
        foreach ($this->hydraulics->wheels as $channel => $line) {
            $parts["$channel/valves"] = [$line->inlet, $line->outlet, $this->coilsOf($channel)];
            $parts["$channel/hose"] = $line->hoseFlow;
            $parts["$channel/air"] = $line->brake->volume;
            $parts["$channel/linings"] = $line->brake->newtonMetresPerBar;
            $parts["$channel/caliper"] = $line->brake->dragNewtonMetres;
        }

        return $parts;
    }

    public function withHydraulics(HydraulicUnit $hydraulics): self
    {
        return new self($hydraulics, $this->wiring, $this->master, $this->isCoded, $this->bleedingOrder, $this->isIntegrated);
    }

    public function withWiring(UnitWiring $wiring): self
    {
        return new self($this->hydraulics, $wiring, $this->master, $this->isCoded, $this->bleedingOrder, $this->isIntegrated);
    }
}
