<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Closure;

/** The hydraulic unit of a car with all that belongs to it: fluid, wires, and the pedal that presses on it. */
final readonly class BrakeUnit
{
    public function __construct(public HydraulicUnit $hydraulics, public UnitWiring $wiring, public MasterCylinder $master, public UnitDesign $design = new UnitDesign, public bool $isCoded = true)
    {
    }

    /**
     * With the line otherwise that ends at a wheel, its hose or its brake.
     *
     * @param  Closure(WheelLine): WheelLine  $change
     */
    public function withLineTo(string $wheel, Closure $change): self
    {
        foreach (array_keys($this->hydraulics->wheels) as $channel) {
            if ($this->hydraulics->wheelAt($channel) === $wheel) {
                return $this->withLine($channel, $change);
            }
        }

        return $this;
    }

    /**
     * With the valves of a channel otherwise.
     *
     * @param  Closure(WheelLine): WheelLine  $change
     */
    public function withLine(string $channel, Closure $change): self
    {
        return $this->withHydraulics($this->hydraulics->withWheel($channel, $change($this->hydraulics->wheels[$channel])));
    }

    /** How far the pedal goes down by a foot of so many newtons while the car stands and nothing is wrong, in centimetres. */
    public function restingPedalCentimetres(float $footNewtons): float
    {
        $bar = $this->master->bar($footNewtons);

        return $this->master->pedalTravelCentimetres(array_sum(array_map(static fn (WheelLine $line): float => $line->brake->volume->volume($bar), $this->hydraulics->wheels)));
    }

    public function withMaster(MasterCylinder $master): self
    {
        return new self($this->hydraulics, $this->wiring, $master, $this->design, $this->isCoded);
    }

    /** A unit out of the box does not know yet which car it is in, where it has to know. */
    public function coded(bool $isCoded): self
    {
        return new self($this->hydraulics, $this->wiring, $this->master, $this->design, $isCoded || ! $this->design->knowsItsCar);
    }

    /** The valve of a wheel that lets pressure out: its own, or the one with three positions. */
    public function reducingValve(string $channel): string
    {
        return isset($this->wiring->coils["$channel.valve"]) ? "$channel.valve" : "$channel.outlet";
    }

    /** @return array<string, Coil> the windings of the valves of a wheel or of a circuit */
    public function coilsOf(string $place): array
    {
        return array_filter($this->wiring->coils, static fn (string $valve): bool => str_starts_with($valve, "$place."), ARRAY_FILTER_USE_KEY);
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
            'car/pumps' => [$this->wiring->motor, $this->hydraulics->circuits], 'car/traction-windings' => array_merge([], ...array_map($this->coilsOf(...), array_keys($this->hydraulics->circuits))), 'car/master-cylinder' => $this->master->bypassFlow, 'car/servo' => $this->master->assistance, 'car/coding' => $this->isCoded,
            'car/pipes' => array_map(static fn (WheelLine $line): string => $line->goesTo, $this->hydraulics->wheels),
        ];
        foreach ($this->hydraulics->wheels as $channel => $line) {
            $parts["$channel/valves"] = [$line->inlet, $line->outlet, $this->coilsOf($channel)];
            $wheel = $this->hydraulics->wheelAt($channel);
            $parts["$wheel/hose"] = $line->hoseFlow;
            $parts["$wheel/leak"] = $line->leakFlow;
            $parts["$wheel/air"] = $line->brake->volume;
            $parts["$wheel/linings"] = [$line->brake->newtonMetresPerBar, $line->brake->worn];
            $parts["$wheel/caliper"] = $line->brake->dragNewtonMetres;
            $parts["$wheel/pins"] = $line->brake->slides;
            $parts["$wheel/disc"] = $line->brake->uneven;
        }

        return $parts;
    }

    public function withHydraulics(HydraulicUnit $hydraulics): self
    {
        return new self($hydraulics, $this->wiring, $this->master, $this->design, $this->isCoded);
    }

    public function withWiring(UnitWiring $wiring): self
    {
        return new self($this->hydraulics, $wiring, $this->master, $this->design, $this->isCoded);
    }
}
