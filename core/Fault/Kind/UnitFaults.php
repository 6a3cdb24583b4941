<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\Sticking;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Brakes\WheelLine;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** Faults of the hydraulic unit, its valves, pump, relays and wires: each is a change of the unit, and what it shows is computed. */
final readonly class UnitFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [...self::ofValves(), ...self::ofWires()];
    }

    /** @return list<FaultKind> */
    private static function ofValves(): array
    {
        $windings = static fn (Vehicle $vehicle, string $channel): bool => isset($vehicle->brakeParts->unit->wiring->coils["$channel.inlet"]);

        return [
            self::ofWheel('valve-winding-open', 'winding-open', 'none', static fn (BrakeUnit $unit, string $channel): BrakeUnit => self::broken($unit, $unit->reducingValve($channel))),
            self::ofWheel('inlet-winding-open', 'winding-open', 'none', static fn (BrakeUnit $unit, string $channel): BrakeUnit => self::broken($unit, "$channel.inlet"), $windings),
            self::ofLine('valve-stuck', 'valve-stuck', 'none', static fn (WheelLine $line): WheelLine => $line->withValves($line->inlet->stuck(Sticking::Open), $line->outlet->stuck(Sticking::Shut))),
            self::ofLine('outlet-stuck-shut', 'valve-stuck', 'none', static fn (WheelLine $line): WheelLine => $line->withValves(outlet: $line->outlet->stuck(Sticking::Shut))),
            self::ofLine('inlet-stuck-open', 'valve-stuck', 'none', static fn (WheelLine $line): WheelLine => $line->withValves($line->inlet->stuck(Sticking::Open))),
            self::ofLine('inlet-stuck-shut', 'valve-blocked', 'none', static fn (WheelLine $line): WheelLine => $line->withValves($line->inlet->stuck(Sticking::Shut))),
            self::ofLine('inlet-throttled', 'valve-blocked', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withValves($line->inlet->throttled($share))),
            self::ofCircuit('isolation-stuck-open', static fn (BrakeCircuit $circuit): BrakeCircuit => $circuit->withTraction($circuit->isolation?->stuck(Sticking::Open), $circuit->priming)),
            self::ofCircuit('priming-stuck-shut', static fn (BrakeCircuit $circuit): BrakeCircuit => $circuit->withTraction($circuit->isolation, $circuit->priming?->stuck(Sticking::Shut))),
            self::ofLine('outlet-leaking', 'valve-leaking', 'flow', static fn (WheelLine $line, float $flow): WheelLine => $line->withValves(outlet: $line->outlet->leaking($flow))),
        ];
    }

    /** @return list<FaultKind> */
    private static function ofWires(): array
    {
        return [
            self::ofCar('pump-dead', 'pump-dead', BrakeParts::PUMP, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withMotor($wiring->motor->broken())),
            self::ofCar('pump-wire-open', 'unit-wire', BrakeParts::PUMP, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withWire(true)), isOutside: true),
            self::ofCar('pump-relay-dead', 'pump-relay', BrakeParts::PUMP_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Dead))),
            self::ofCar('pump-relay-welded', 'pump-relay', BrakeParts::PUMP_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Welded))),
            self::ofCar('valve-relay-dead', 'valve-relay', BrakeParts::VALVE_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Dead))),
            self::ofCar('valve-relay-burnt', 'valve-relay', BrakeParts::VALVE_RELAY, 'ohms', static fn (UnitWiring $wiring, float $ohms): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Works, $ohms))),
            self::ofCar('valve-fuse-blown', 'unit-fuse', BrakeParts::VALVE_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withFuse(true))),
            self::ofCar('unit-ground-rusty', 'unit-ground', BrakeParts::PUMP, 'ohms', static fn (UnitWiring $wiring, float $ohms): UnitWiring => $wiring->withRust($ohms)),
        ];
    }

    private static function broken(BrakeUnit $unit, string $valve): BrakeUnit
    {
        return $unit->withWiring($unit->wiring->withCoil($valve, $unit->wiring->coils[$valve]->broken()));
    }

    /**
     * Of the valves with which a circuit brakes without the pedal; it goes by its front wheel.
     *
     * @param  Closure(BrakeCircuit): BrakeCircuit  $change
     */
    private static function ofCircuit(string $id, Closure $change): FaultKind
    {
        return new FaultKind(
            $id, 'hydraulics', 'traction-valve', 'none', false, static fn (Channel $channel): Channel => $channel,
            carChange: static function (Vehicle $vehicle, string $channel) use ($change): Vehicle {
                $hydraulics = $vehicle->unit()->hydraulics;
                $name = $hydraulics->wheels[$channel]->circuit;

                return $vehicle->withUnit($vehicle->unit()->withHydraulics($hydraulics->withCircuit($name, $change($hydraulics->circuits[$name]))));
            },
            scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->place->axle === 'front', hasIt: static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->unit?->hydraulics->buildsUp($vehicle->channelIds()[0]) === true),
        );
    }

    /** @param  Closure(WheelLine, float): WheelLine  $change */
    private static function ofLine(string $id, string $defect, string $strength, Closure $change): FaultKind
    {
        return self::ofWheel($id, $defect, $strength, static fn (BrakeUnit $unit, string $channel, float $strong): BrakeUnit => $unit->withLine($channel, static fn (WheelLine $line): WheelLine => $change($line, $strong)));
    }

    /**
     * @param  Closure(BrakeUnit, string, float): BrakeUnit  $change
     * @param  ?Closure(Vehicle, string): bool  $hasIt  told one of its channels with valves
     */
    private static function ofWheel(string $id, string $defect, string $strength, Closure $change, ?Closure $hasIt = null): FaultKind
    {
        return new FaultKind(
            $id, 'hydraulics', $defect, $strength, false, static fn (Channel $channel): Channel => $channel,
            carChange: static fn (Vehicle $vehicle, string $channel, float $strong): Vehicle => $vehicle->withUnit($change($vehicle->unit(), $channel, $strong)),
            scope: new FaultScope(hasIt: static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has(BrakeParts::valves($vehicle->channelIds()[0])) && ($hasIt === null || $hasIt($vehicle, $vehicle->channelIds()[0]))),
        );
    }

    /**
     * @param  Closure(UnitWiring, float): UnitWiring  $change
     * @param  bool  $isOutside  there is no such thing where the unit is one housing with its relays
     */
    private static function ofCar(string $id, string $defect, string $part, string $strength, Closure $change, bool $isOutside = false): FaultKind
    {
        return FaultKind::ofTheWholeCar(
            $id, 'hydraulics', $defect, $strength,
            static fn (Vehicle $vehicle, float $strong): Vehicle => $vehicle->withUnit($vehicle->unit()->withWiring($change($vehicle->unit()->wiring, $strong))),
            static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has($part) && $vehicle->brakeParts->unit !== null && ! ($isOutside && $vehicle->brakeParts->unit->isIntegrated),
        );
    }
}
