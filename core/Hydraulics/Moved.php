<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Circuit\UnitCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\Sticking;
use Lernfall\Vehicle\Brakes\UnitWiring;

/** What has been moved at the unit: valves pulled by their coils, pumps turning. */
final readonly class Moved
{
    /**
     * @param  list<string>  $inletsShut  channels
     * @param  list<string>  $outletsOpen  channels
     * @param  list<string>  $isolationsShut  circuits
     * @param  list<string>  $primingsOpen  circuits
     * @param  list<string>  $pumpsTurning  circuits
     */
    public function __construct(
        public array $inletsShut = [],
        public array $outletsOpen = [],
        public array $isolationsShut = [],
        public array $primingsOpen = [],
        public array $pumpsTurning = [],
    ) {
    }

    /** Nothing has current: the pedal goes through to every wheel. */
    public static function nothing(): self
    {
        return new self;
    }

    /** What the currents at the unit move: valves that get enough, and both pumps where their motor does. */
    public static function by(UnitCircuit $currents, UnitWiring $wiring, HydraulicUnit $unit): self
    {
        $stands = static fn (string $valve, int $least): bool => isset($wiring->coils[$valve]) && $currents->position($valve) >= $least;
        $wheels = array_keys($unit->wheels);
        $circuits = array_keys($unit->circuits);

        return new self(
            array_values(array_filter($wheels, static fn (string $wheel): bool => $stands("$wheel.inlet", 1) || $stands("$wheel.valve", 1))),
            array_values(array_filter($wheels, static fn (string $wheel): bool => $stands("$wheel.outlet", 1) || $stands("$wheel.valve", 2))),
            array_values(array_filter($circuits, static fn (string $circuit): bool => $stands("$circuit.isolation", 1))),
            array_values(array_filter($circuits, static fn (string $circuit): bool => $stands("$circuit.priming", 1))),
            $wiring->motor->turnsAt($currents->motorVolts()) ? $circuits : [],
        );
    }

    /** Whether a valve at a wheel strikes against its stop: one whose body sits fast does not, however much its coil pulls. */
    public function isHeardIn(HydraulicUnit $unit): bool
    {
        return array_filter($this->inletsShut, static fn (string $wheel): bool => $unit->wheels[$wheel]->inlet->sticking === Sticking::Free) !== []
            || array_filter($this->outletsOpen, static fn (string $wheel): bool => $unit->wheels[$wheel]->outlet->sticking === Sticking::Free) !== [];
    }

    /** Nothing gets into these wheels, and nothing out of them. */
    public static function hold(string ...$channels): self
    {
        return new self(inletsShut: array_values($channels));
    }

    /** These wheels empty into the accumulator. */
    public static function reduce(string ...$channels): self
    {
        return new self(inletsShut: array_values($channels), outletsOpen: array_values($channels));
    }

    /** The pump of this circuit brakes these wheels of it without the pedal; its other wheels are kept out. */
    public static function buildUp(string $circuit, string ...$kept): self
    {
        return new self(inletsShut: array_values($kept), isolationsShut: [$circuit], primingsOpen: [$circuit], pumpsTurning: [$circuit]);
    }

    public function withPumps(string ...$circuits): self
    {
        return new self($this->inletsShut, $this->outletsOpen, $this->isolationsShut, $this->primingsOpen, array_values($circuits));
    }
}
