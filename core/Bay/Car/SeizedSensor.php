<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\SensorDefect;

/** A sensor that sits fast in its bore: drawing it for the first time takes longer, and it may break. */
final readonly class SeizedSensor
{
    /** The price list's entry for the time it takes more. */
    public const RATE = 'seized-sensor';

    public const FREE = 0;

    public const SAT_FAST = 1;

    public const BROKE = 2;

    /**
     * Whether one of these sits fast, as is felt at the first pull.
     *
     * @param  list<string>  $channels
     */
    public static function sits(Car $car, array $channels): bool
    {
        return self::seized($car, $channels) !== [];
    }

    /**
     * Sensors drawn out of their bores.
     *
     * @param  list<string>  $channels
     * @param  float  $breaks  the chance that one breaks which sits fast
     * @return non-empty-list<array{float, Car, int}> weight, car, and how they came out: one of the constants
     */
    public static function drawn(Car $car, array $channels, float $breaks): array
    {
        $seized = self::seized($car, $channels);
        if ($seized === []) {
            return [[1.0, $car, self::FREE]];
        }
        $chances = [];
        foreach ($seized as $id) {
            $chances["breaks.$id"] = $car->deviations->chance("breaks.$id", $breaks);
        }
        $ways = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $broken = array_filter($seized, static fn (string $id): bool => $outcomes["breaks.$id"]);
            $vehicle = $car->vehicle;
            foreach ($broken as $id) {
                $vehicle = $vehicle->withChannel($vehicle->channel($id)->inEveryState(static fn (Channel $one): Channel => $one->withSensor($one->sensor->suffering(SensorDefect::CableBroken, 1.0) ?? $one->sensor)));
            }
            $ways[] = [$weight, $car->withVehicle($vehicle)->in($state->sensorsDrawn($seized)), $broken === [] ? self::SAT_FAST : self::BROKE];
        }

        return $ways;
    }

    /**
     * @param  list<string>  $channels
     * @return list<string>
     */
    private static function seized(Car $car, array $channels): array
    {
        return array_values(array_filter($channels, static fn (string $id): bool => $car->vehicle->channel($id)->wheelEnd->seized && ! in_array($id, $car->state->places->drawn, true)));
    }
}
