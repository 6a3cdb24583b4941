<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ConnectedMeter;
use Lernfall\Bay\Car\Supervision;
use Lernfall\Bay\Probing\Leads;
use Lernfall\Circuit\JumperLead;

/** Where the leads of a meter that reads current close a circuit, and what happens as they leave. */
final readonly class AmmeterLeads
{
    /**
     * The leads leave where they were, which may open a circuit; on current they stay where they are to be.
     *
     * @return non-empty-list<array{float, Car}> weight and car, the meter not in its circuit
     */
    public static function freed(Car $car, Measure $measure): array
    {
        $meter = $car->state->connections->meter;
        if ($meter->inSeries === null) {
            return [[1.0, $car]];
        }
        $free = self::with($car, $meter->takenOff());
        $stays = $measure->function === MeterFunction::Milliamperes && [$meter->inSeries->first->id, $meter->inSeries->second->id] === [$measure->first, $measure->second];

        return $stays ? [[1.0, $free]] : Supervision::over($car, $free);
    }

    public static function with(Car $car, ConnectedMeter $meter): Car
    {
        return $car->in($car->state->withConnections($car->state->connections->withMeter($meter)));
    }

    /**
     * The meter stays part of the car's circuit if it reads current; a lead on a terminal of the bench supply comes off with it.
     *
     * @param  float  $shuntOhms  between its leads
     */
    public static function left(Car $car, Measure $measure, Leads $leads, float $shuntOhms): Car
    {
        $isInSeries = $measure->function === MeterFunction::Milliamperes && ! $car->state->connections->meter->fuseBlown && ! $leads->first->isBench() && ! $leads->second->isBench();

        return $isInSeries ? self::with($car, new ConnectedMeter(false, new JumperLead($leads->first, $leads->second, $shuntOhms))) : $car;
    }
}
