<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Vehicle\Vehicle;

/** Where an eye or a hand could notice a fault that sits at one place of a car on stands. */
final readonly class PortraitLooks
{
    private const HAND_TURN = 0.5;

    /** @return list<array{list<CarAction>, CarAction}> what is done first, and the look or the hand */
    public static function of(Vehicle $vehicle, string $place): array
    {
        if ($place === Vehicle::WHOLE) {
            return array_map(static fn (Sight $sight): array => [[], new LookAt($place, $sight)], Sight::ofTheCar($vehicle));
        }
        $looks = [
            [[new TurnWheel($place, self::HAND_TURN)], new LookAt($place, Sight::Ring)], [[], new LookAt($place, Sight::Film)], [[], new LookAt($place, Sight::Gap)], [[], new LookAt($place, Sight::Tip)],
            ...($vehicle->brakeParts->unit === null ? [] : [[[], new LookAt($place, Sight::Linings)], [[], new LookAt($place, Sight::BrakeLine)], [[], new LookAt(Vehicle::WHOLE, Sight::Fluid)], [[], new LookAt(Vehicle::WHOLE, Sight::UnitPipes)]]),
            [[], new LookAt($place, Sight::Cable)], [[], new LookAt($place, Sight::Tyre)], [[], new LookAt($place, Sight::SensorPlug)], [[], new RockWheel($place)],
        ];
        foreach ($vehicle->channel($place)->plugs() as $plug) {
            $looks[] = [[new Unplug($plug->plugId)], new LookAt($place, Sight::from($plug->name()))];
        }

        return $looks;
    }
}
