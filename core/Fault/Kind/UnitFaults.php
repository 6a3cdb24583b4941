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
        return [...self::ofValves(), ...self::ofTraction(), ...self::ofPipes(), ...self::ofWires()];
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
            self::ofLine('outlet-throttled', 'valve-blocked', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withValves(outlet: $line->outlet->throttled($share))),
            self::ofWheel('valve-winding-high', 'winding-high', 'ohms', static fn (BrakeUnit $unit, string $channel, float $ohms): BrakeUnit => self::added($unit, $unit->reducingValve($channel), $ohms)),
            self::ofWheel('inlet-winding-high', 'winding-high', 'ohms', static fn (BrakeUnit $unit, string $channel, float $ohms): BrakeUnit => self::added($unit, "$channel.inlet", $ohms), $windings),
            self::ofLine('inlet-leaking', 'valve-leaking', 'flow', static fn (WheelLine $line, float $flow): WheelLine => $line->withValves($line->inlet->leaking($flow))),
            self::ofLine('outlet-stuck-open', 'valve-stuck', 'none', static fn (WheelLine $line): WheelLine => $line->withValves(outlet: $line->outlet->stuck(Sticking::Open))),
            self::ofLine('outlet-leaking', 'valve-leaking', 'flow', static fn (WheelLine $line, float $flow): WheelLine => $line->withValves(outlet: $line->outlet->leaking($flow))),
        ];
    }

    /** @return list<FaultKind> of the valves with which a circuit brakes without the pedal, and of its half of the pump */
    private static function ofTraction(): array
    {
        $builds = static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->unit?->hydraulics->buildsUp($vehicle->channelIds()[0]) === true;
        $wound = static fn (string $valve): Closure => static fn (BrakeUnit $unit, string $circuit): BrakeUnit => self::broken($unit, "$circuit.$valve");
        $stuck = static fn (string $valve, Sticking $how): Closure => self::inCircuit(static fn (BrakeCircuit $circuit): BrakeCircuit => $circuit->withTraction(
            $valve === 'isolation' ? $circuit->isolation?->stuck($how) : $circuit->isolation, $valve === 'priming' ? $circuit->priming?->stuck($how) : $circuit->priming,
        ));
        $leaking = static fn (string $valve): Closure => self::inCircuit(static fn (BrakeCircuit $circuit, float $flow): BrakeCircuit => $circuit->withTraction(
            $valve === 'isolation' ? $circuit->isolation?->leaking($flow) : $circuit->isolation, $valve === 'priming' ? $circuit->priming?->leaking($flow) : $circuit->priming,
        ));

        return [
            self::ofCircuit('isolation-stuck-open', 'traction-valve', $stuck('isolation', Sticking::Open), $builds),
            self::ofCircuit('isolation-leaking', 'traction-valve', $leaking('isolation'), $builds, 'flow'),
            self::ofCircuit('priming-leaking', 'traction-valve', $leaking('priming'), $builds, 'flow'),
            self::ofCircuit('priming-stuck-shut', 'traction-valve', $stuck('priming', Sticking::Shut), $builds),
            self::ofCircuit('isolation-winding-open', 'winding-open', $wound('isolation'), $builds),
            self::ofCircuit('priming-winding-open', 'winding-open', $wound('priming'), $builds),
            self::ofCircuit(
                'pump-half-dead', 'pump-half', self::inCircuit(static fn (BrakeCircuit $circuit): BrakeCircuit => $circuit->withoutPump()),
                static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has(BrakeParts::PUMP) && count($vehicle->brakeParts->unit->hydraulics->circuits ?? []) > 1,
            ),
        ];
    }

    /** @return list<FaultKind> */
    private static function ofPipes(): array
    {
        return [
            self::pipesCrossed('brake-pipes-crossed', static fn (Vehicle $vehicle, string $channel): ?Channel => $vehicle->opposite($channel), static fn (Channel $channel): bool => $channel->place->side === 'left'),
            self::pipesCrossed('brake-pipes-crossed-along', static fn (Vehicle $vehicle, string $channel): ?Channel => $vehicle->behind($channel), static fn (Channel $channel): bool => $channel->place->axle === 'front'),
        ];
    }

    /**
     * @param  Closure(Vehicle, string): ?Channel  $other  the wheel whose pipe is taken for its own
     * @param  Closure(Channel): bool  $where
     */
    private static function pipesCrossed(string $id, Closure $other, Closure $where): FaultKind
    {
        return new FaultKind(
            $id, 'hydraulics', 'pipes-crossed', 'none', false, static fn (Channel $channel): Channel => $channel,
            carChange: static fn (Vehicle $vehicle, string $channel): Vehicle => $vehicle->withUnit($vehicle->unit()->withHydraulics($vehicle->unit()->hydraulics->crossed($channel, $other($vehicle, $channel)->id ?? $channel))),
            scope: new FaultScope(where: $where, hasIt: static fn (Vehicle $vehicle): bool => isset($vehicle->brakeParts->unit->hydraulics->wheels[$vehicle->channelIds()[0]])
                && array_filter($vehicle->channelIds(), static fn (string $one): bool => $other($vehicle, $one) !== null) !== []),
        );
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
            self::ofCar('pump-relay-burnt', 'pump-relay', BrakeParts::PUMP_RELAY, 'ohms', static fn (UnitWiring $wiring, float $ohms): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Works, $ohms))),
            self::ofCar('valve-relay-welded', 'valve-relay', BrakeParts::VALVE_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Welded))),
            self::ofCar('pump-fuse-blown', 'unit-fuse', BrakeParts::PUMP, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withFuse(true))),
            self::ofCar('valve-fuse-blown', 'unit-fuse', BrakeParts::VALVE_RELAY, 'none', static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withFuse(true))),
            self::ofCar('unit-ground-rusty', 'unit-ground', BrakeParts::PUMP, 'ohms', static fn (UnitWiring $wiring, float $ohms): UnitWiring => $wiring->withRust($ohms)),
        ];
    }

    private static function broken(BrakeUnit $unit, string $valve): BrakeUnit
    {
        return $unit->withWiring($unit->wiring->withCoil($valve, $unit->wiring->coils[$valve]->broken()));
    }

    private static function added(BrakeUnit $unit, string $valve, float $ohms): BrakeUnit
    {
        $coil = $unit->wiring->coils[$valve];

        return $unit->withWiring($unit->wiring->withCoil($valve, $coil->withOhms($coil->ohms + $ohms)));
    }

    /**
     * @param  Closure(BrakeCircuit, float): BrakeCircuit  $change
     * @return Closure(BrakeUnit, string, float): BrakeUnit
     */
    private static function inCircuit(Closure $change): Closure
    {
        return static fn (BrakeUnit $unit, string $circuit, float $strong): BrakeUnit => $unit->withHydraulics($unit->hydraulics->withCircuit($circuit, $change($unit->hydraulics->circuits[$circuit], $strong)));
    }

    /**
     * Of one of the two circuits, which goes by its front wheel.
     *
     * @param  Closure(BrakeUnit, string, float): BrakeUnit  $change  told the name of the circuit
     * @param  Closure(Vehicle): bool  $hasIt
     */
    private static function ofCircuit(string $id, string $defect, Closure $change, Closure $hasIt, string $strength = 'none'): FaultKind
    {
        return new FaultKind(
            $id, 'hydraulics', $defect, $strength, false, static fn (Channel $channel): Channel => $channel,
            carChange: static fn (Vehicle $vehicle, string $channel, float $strong): Vehicle => $vehicle->withUnit($change($vehicle->unit(), $vehicle->unit()->hydraulics->wheels[$channel]->circuit, $strong)),
            scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->place->axle === 'front', hasIt: $hasIt),
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
            static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has($part) && $vehicle->brakeParts->unit !== null && ! ($isOutside && $vehicle->brakeParts->unit->design->isIntegrated),
        );
    }
}
