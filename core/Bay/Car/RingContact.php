<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Channel;

/** Rings that swing, or are lifted, so far that they strike their sensors on the road; a hand that turns a wheel feels it and stops. */
final readonly class RingContact
{
    public static function done(Car $car): Car
    {
        $vehicle = $car->vehicle;
        foreach ($vehicle->channels as $channel) {
            $here = $car->channel($channel->id);
            if (! $channel->sensor->isStruck() && $here->wheelEnd->ring->nearestMetres($here->wheelEnd->gapMetres, $here->wheelEnd->bearingPlayMetres) <= 0.0) {
                $vehicle = $vehicle->withChannel($channel->inEveryState(static fn (Channel $state): Channel => $state->withSensor($state->sensor->struckByRing())));
            }
        }

        return $vehicle === $car->vehicle ? $car : $car->withVehicle($vehicle);
    }
}
