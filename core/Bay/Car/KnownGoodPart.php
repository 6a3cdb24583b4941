<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\BrakeParts;
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
            self::PumpRelay => $vehicle->brakeParts->has(BrakeParts::PUMP_RELAY) ? [Vehicle::WHOLE] : [],
            self::ValveRelay => $vehicle->brakeParts->has(BrakeParts::VALVE_RELAY) ? [Vehicle::WHOLE] : [],
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
            self::PumpRelay => $vehicle->withBrakePart(BrakeParts::PUMP_RELAY, $other->brakeParts->state(BrakeParts::PUMP_RELAY)),
            self::ValveRelay => $vehicle->withBrakePart(BrakeParts::VALVE_RELAY, $other->brakeParts->state(BrakeParts::VALVE_RELAY)),
        };
    }
}
