<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Module\Failure;
use Lernfall\Module\UnitCheck;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\UnitLimits;

/** What the module of a car sees of its hydraulic unit, worked out once for all cars with the same wires. */
final readonly class UnitSeen
{
    /** @return array<string, array{Failure, bool}> failure and whether it is found, by part of the car; nothing where it has no unit */
    public static function atKeyOn(Car $car): array
    {
        $unit = $car->vehicle->brakeParts->unit;
        if ($unit === null) {
            return [];
        }

        return Memo::with($unit->wiring, 'key-on '.self::named($car), static function () use ($car, $unit): array {
            $found = [];
            foreach (self::check($car)->atKeyOn($unit->wiring, $car->electrical()) as $part => [$failure, $isFound]) {
                $channel = explode('.', $part)[0];
                $name = match (true) {
                    $car->vehicle->hasChannel($channel) => BrakeParts::valves($channel),
                    isset($unit->hydraulics->circuits[$channel]) => BrakeParts::TRACTION_VALVES,
                    default => $part,
                };
                $found[$name] = [$failure, $isFound || ($found[$name][1] ?? false)];
            }

            return $found;
        });
    }

    /** @return ?array{Failure, bool} of the pump; null where there is none */
    public static function onPullingAway(Car $car): ?array
    {
        $unit = $car->vehicle->brakeParts->unit;

        return $unit === null ? null : Memo::with($unit->wiring, 'pulling-away '.self::named($car), static fn (): array => self::check($car)->onPullingAway($unit->wiring, $car->electrical()));
    }

    private static function check(Car $car): UnitCheck
    {
        return new UnitCheck($car->sound->unit()->wiring, new UnitLimits, $car->vehicle->climate->ambientCelsius);
    }

    private static function named(Car $car): string
    {
        $electrical = $car->electrical();

        return "{$electrical->atUnit()} {$car->vehicle->climate->ambientCelsius}";
    }
}
