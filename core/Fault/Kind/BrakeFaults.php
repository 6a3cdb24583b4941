<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\PartState;
use Lernfall\Vehicle\Vehicle;

/** Faults of valves, pump, relays, switches, fluid and lamps. */
final readonly class BrakeFaults
{
    private const ABS_LAMP = 'lamp.abs';

    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            self::ofValves('valve-winding-open', 'winding-open', PartState::Open),
            self::ofValves('valve-stuck', 'valve-stuck', PartState::Stuck),
            self::of('pump-dead', 'hydraulics', 'pump-dead', BrakeParts::PUMP, PartState::Open),
            self::of('pump-relay-dead', 'hydraulics', 'pump-relay', BrakeParts::PUMP_RELAY, PartState::Open),
            self::of('valve-relay-dead', 'hydraulics', 'valve-relay', BrakeParts::VALVE_RELAY, PartState::Open),
            self::of('fluid-low', 'hydraulics', 'fluid-low', BrakeParts::FLUID, PartState::Low),
            self::of('stop-lamp-switch-stuck', 'switches', 'stop-lamp', BrakeParts::STOP_LAMP_SWITCH, PartState::Closed),
            self::of('stop-lamp-switch-open', 'switches', 'stop-lamp', BrakeParts::STOP_LAMP_SWITCH, PartState::Open),
            self::of('parking-brake-switch-stuck', 'switches', 'parking-brake', BrakeParts::PARKING_BRAKE_SWITCH, PartState::Closed),
            self::of('level-switch-open', 'switches', 'level', BrakeParts::LEVEL_SWITCH, PartState::Open),
            self::of('lamp-dead', 'lamps', 'never-lights', self::ABS_LAMP, PartState::Open),
            self::of('lamp-stuck', 'lamps', 'never-out', self::ABS_LAMP, PartState::Closed),
        ];
    }

    private static function of(string $id, string $station, string $defect, string $part, PartState $state): FaultKind
    {
        return FaultKind::ofTheWholeCar($id, $station, $defect, 'none', static fn (Vehicle $vehicle): Vehicle => $vehicle->withBrakePart($part, $state), static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has($part));
    }

    private static function ofValves(string $id, string $defect, PartState $state): FaultKind
    {
        return new FaultKind(
            $id, 'hydraulics', $defect, 'none', false, static fn (Channel $channel): Channel => $channel,
            carChange: self::valves($state),
            scope: new FaultScope(hasIt: static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has(BrakeParts::valves($vehicle->channelIds()[0]))),
        );
    }

    /** @return Closure(Vehicle, string, float): Vehicle */
    private static function valves(PartState $state): Closure
    {
        return static fn (Vehicle $vehicle, string $channel): Vehicle => $vehicle->withBrakePart(BrakeParts::valves($channel), $state);
    }
}
