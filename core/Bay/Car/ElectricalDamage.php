<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Vehicle\Channel;

/** Damage that comes of connecting things the wrong way round: an active sensor fed backwards dies, and stays dead. */
final readonly class ElectricalDamage
{
    /** More than this backwards over the sensor, with a supply behind it, is its end. */
    private const DEADLY_VOLTS = 2.0;

    /** The car after current has flowed in its present state. */
    public static function done(Car $car): Car
    {
        if (! $car->modulePowered() && ! $car->state->connections->isConnected()) {
            return $car;
        }
        $vehicle = $car->vehicle;
        foreach ($vehicle->channels as $channel) {
            if ($channel->sensor->isActive() && self::isKnownBackwards($car, $channel)) {
                $vehicle = $vehicle->withChannel($channel->withSensor($channel->sensor->fedBackwards()));
            }
        }

        return $car->withVehicle($vehicle);
    }

    private static function isKnownBackwards(Car $car, Channel $channel): bool
    {
        $plainly = $car->isTypical() ? $car->electrical()->plainlyAt($channel) : null;

        return $plainly === null
            ? self::isBackwards($car, $channel)
            : Memo::with($channel, "backwards $plainly", static fn (): bool => self::isBackwards($car, $channel));
    }

    private static function isBackwards(Car $car, Channel $channel): bool
    {
        $ends = ChannelNetlist::sensorNodes($channel);
        $channels = [$channel->id => $channel] + $car->channels([$channel->id]);

        return LiveCircuit::of($channels, $car->electrical())->solved()->voltsBetween($ends[0], $ends[1]) < -self::DEADLY_VOLTS;
    }
}
