<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\RelayFeed;
use Lernfall\Vehicle\Vehicle;

/** A known good part from the shelf that can be fitted for a test, in place of the car's own. */
enum KnownGoodPart: string
{
    case Sensor = 'sensor';
    case SupplyRelay = 'supply-relay';
    case PumpRelay = 'pump-relay';
    case ValveRelay = 'valve-relay';

    /** @return list<string> where on this vehicle it fits */
    public function places(Vehicle $vehicle): array
    {
        return match ($this) {
            self::Sensor => $vehicle->channelIds(),
            self::SupplyRelay => [Vehicle::WHOLE],
            self::PumpRelay => self::isOutside($vehicle, BrakeParts::PUMP_RELAY) ? [Vehicle::WHOLE] : [],
            self::ValveRelay => self::isOutside($vehicle, BrakeParts::VALVE_RELAY) ? [Vehicle::WHOLE] : [],
        };
    }

    /** Whether the wheel has to come off for it. */
    public function needsFreeWheel(): bool
    {
        return $this === self::Sensor;
    }

    /** The vehicle with this part as another one has it. */
    public function takenFrom(Vehicle $other, Vehicle $vehicle, string $place): Vehicle
    {
        return match ($this) {
            self::Sensor => $vehicle->withChannel(Refitted::with($vehicle->channel($place), $other->channel($place))),
            self::SupplyRelay => $vehicle->withFeed($vehicle->power->feed->withRelay($other->power->feed->faults->relayOhms)),
            self::PumpRelay => $vehicle->withUnit(self::wired($vehicle->unit(), pump: $vehicle->unit()->wiring->pump->withRelayOf($other->unit()->wiring->pump))),
            self::ValveRelay => $vehicle->withUnit(self::wired($vehicle->unit(), $vehicle->unit()->wiring->valves->withRelayOf($other->unit()->wiring->valves))),
        };
    }

    /** Whether a relay can be taken out by itself. */
    private static function isOutside(Vehicle $vehicle, string $relay): bool
    {
        return $vehicle->brakeParts->has($relay) && $vehicle->brakeParts->unit?->design->isIntegrated === false;
    }

    private static function wired(BrakeUnit $unit, ?RelayFeed $valves = null, ?RelayFeed $pump = null): BrakeUnit
    {
        return $unit->withWiring($unit->wiring->withFeeds($valves, $pump));
    }
}
