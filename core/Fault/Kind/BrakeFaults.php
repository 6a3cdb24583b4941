<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\PartState;
use Lernfall\Vehicle\Vehicle;

/** Faults of switches, fluid and lamps. */
final readonly class BrakeFaults
{
    private const ABS_LAMP = 'lamp.abs';

    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            self::of('fluid-low', 'hydraulics', 'fluid-low', BrakeParts::FLUID, PartState::Low),
            self::of('stop-lamp-switch-stuck', 'switches', 'stop-lamp', BrakeParts::STOP_LAMP_SWITCH, PartState::Closed),
            self::of('stop-lamp-switch-open', 'switches', 'stop-lamp', BrakeParts::STOP_LAMP_SWITCH, PartState::Open),
            self::of('parking-brake-switch-stuck', 'switches', 'parking-brake', BrakeParts::PARKING_BRAKE_SWITCH, PartState::Closed),
            self::of('parking-brake-switch-open', 'switches', 'parking-brake', BrakeParts::PARKING_BRAKE_SWITCH, PartState::Open),
            self::of('level-switch-open', 'switches', 'level', BrakeParts::LEVEL_SWITCH, PartState::Open),
            self::of('level-switch-stuck', 'switches', 'level', BrakeParts::LEVEL_SWITCH, PartState::Closed),
            self::of('temperature-switch-open', 'switches', 'temperature', BrakeParts::TEMPERATURE_SWITCH, PartState::Open),
            self::of('temperature-switch-stuck', 'switches', 'temperature', BrakeParts::TEMPERATURE_SWITCH, PartState::Closed),
            self::of('lamp-dead', 'lamps', 'never-lights', self::ABS_LAMP, PartState::Open),
            self::of('lamp-stuck', 'lamps', 'never-out', self::ABS_LAMP, PartState::Closed),
        ];
    }

    private static function of(string $id, string $station, string $defect, string $part, PartState $state): FaultKind
    {
        return FaultKind::ofTheWholeCar($id, $station, $defect, 'none', static fn (Vehicle $vehicle): Vehicle => $vehicle->withBrakePart($part, $state), static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->has($part));
    }
}
