<?php

declare(strict_types=1);

namespace Lernfall\Bay\Swap;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;

/** What is done at the wheel itself: gauging the gap, exchanging sensors. */
final readonly class WheelWork
{
    /** Feeler gauges come in steps of this. */
    private const GAUGE_STEP_METRES = 0.00005;

    /** How alike two hands gauge. */
    private const GAUGE_SPREAD_METRES = 0.00003;

    /** @return list<Branch> */
    public function gaugeGap(Car $car, string $channelId): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, 'unsecured');
        }
        $gap = $car->channel($channelId)->gapMetres;
        $deviation = "$channelId.gap";
        $change = $car->isHypothesis() ? $car->shifted($car->deviation($deviation))->channel($channelId)->gapMetres - $gap : 0.0;

        return Branch::only($car, Prediction::of('gauged', ['gap' => NumberFeature::reading(
            'metres', $gap, self::GAUGE_STEP_METRES, self::GAUGE_SPREAD_METRES, $change === 0.0 ? [] : [$car->deviation($deviation) => $change], false,
        )]));
    }

    /** @return list<Branch> */
    public function swapSensors(Car $car, string $channelId): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, 'unsecured');
        }
        $one = $car->vehicle->channel($channelId);
        $other = $car->vehicle->opposite($channelId);
        if ($other === null) {
            return Branch::refused($car, 'no-other-side');
        }
        if ($car->state->places->removed->has(KnownGoodPart::Sensor, $one->id) || $car->state->places->removed->has(KnownGoodPart::Sensor, $other->id)) {
            return Branch::refused($car, 'trial-part-in');
        }
        $vehicle = $car->vehicle->withChannel($one->withSensorOf($other))->withChannel($other->withSensorOf($one));
        $state = $car->state->sensorsExchanged($one->id, $other->id)->plugJoined($one->plugs()[0]->plugId)->plugJoined($other->plugs()[0]->plugId);

        return Branch::only(ElectricalDamage::done($car->withVehicle($vehicle)->in($state)), Prediction::of('done'));
    }
}
