<?php

declare(strict_types=1);

namespace Lernfall\Bay\KnownGood;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Car\SeizedSensor;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Plugs\PlugWork;

/** A part from the shelf tried in place of the car's own, which goes back afterwards. */
final readonly class KnownGoodWork
{
    public function __construct(private Hands $hands)
    {
    }

    /** @return non-empty-list<Branch> */
    public function fit(Car $car, FitKnownGoodPart $fit): array
    {
        if ($fit->part->needsFreeWheel() && ! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $removed = $car->state->places->removed;
        if ($removed->has($fit->part, $fit->channel) === $fit->fitted) {
            return Branch::refused($car, $fit->fitted ? Refusal::KnownGoodPartIn : Refusal::KnownGoodPartOut);
        }
        $drawn = $fit->part === KnownGoodPart::Sensor && $fit->fitted ? [$fit->channel] : [];
        if ($fit->asks && SeizedSensor::sits($car, $drawn)) {
            return Branch::refused($car, Refusal::SitsFast);
        }
        $branches = [];
        foreach (SeizedSensor::drawn($car, $drawn, $this->hands->breaksSeized) as [$weight, $after, $came]) {
            $plugs = $fit->part === KnownGoodPart::Sensor ? [$car->vehicle->channel($fit->channel)->plugs()[0]->plugId] : [];
            foreach ((new PlugWork($this->hands))->reseated($this->changed($after, $fit), $plugs, $fit) as [$share, $changed]) {
                $branches[] = new Branch($weight * $share, ElectricalDamage::done($changed), Prediction::of('done', [], [...Note::ofDrawing($came), ...($car->state->isPowered() ? [Note::RepairIgnitionOn] : [])]));
            }
        }

        return $branches;
    }

    private function changed(Car $car, FitKnownGoodPart $fit): Car
    {
        $removed = $car->state->places->removed;
        $vehicle = $fit->fitted ? $fit->part->takenFrom($car->sound, $car->vehicle, $fit->channel) : $removed->returned($fit->part, $fit->channel, $car->vehicle);
        $state = $car->state->withRemoved($fit->fitted ? $removed->with($fit->part, $fit->channel, $car->vehicle) : $removed->without($fit->part, $fit->channel));

        return $car->withVehicle($vehicle)->in($this->handled($car, $state, $fit));
    }

    /** A sensor deviates in its own way. */
    private function handled(Car $car, CarState $state, FitKnownGoodPart $fit): CarState
    {
        if ($fit->part !== KnownGoodPart::Sensor) {
            return $state;
        }
        $own = $state->sensorOf($fit->channel);

        return $fit->fitted ? $state->withRenewed("$own.coil.resistance", "$own.sensor.signal") : $state->withOwnAgain("$own.coil.resistance", "$own.sensor.signal");
    }
}
