<?php

declare(strict_types=1);

namespace Lernfall\Bay\Swap;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Car\Refitted;
use Lernfall\Bay\Car\SeizedSensor;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Plugs\PlugWork;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * The sensors of the two sides of an axle change places. Their plugs are opened and joined for it, which may wipe a poor contact.
 *
 * @extends BaseCarProcedure<SwapSensors>
 */
final readonly class SwapSensorsProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'swap-sensors';
    }

    public function tool(): string
    {
        return 'swap';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Exchange the sensors of the two sides of an axle')
            ->with('channel', Setting::text())
            ->orWith('asks', Setting::bool(Refusal::ASKS));
    }

    public function example(): array
    {
        return ['channel' => 'FR'];
    }

    public function decode(Node $node): Action
    {
        return new SwapSensors($node->text('channel'), $node->has('asks') && $node->bool('asks'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $one = $car->vehicle->channel($action->channel);
        $other = $car->vehicle->opposite($action->channel);
        if ($other === null) {
            return Branch::refused($car, Refusal::NoOtherSide);
        }
        if ($one->place->handed || $other->place->handed) {
            return Branch::refused($car, Refusal::Handed);
        }
        $removed = $car->state->places->removed;
        if ($removed->has(KnownGoodPart::Sensor, $one->id) || $removed->has(KnownGoodPart::Sensor, $other->id)) {
            return Branch::refused($car, Refusal::KnownGoodPartIn);
        }
        if ($action->asks && SeizedSensor::sits($car, [$one->id, $other->id])) {
            return Branch::refused($car, Refusal::SitsFast);
        }
        $plugWork = new PlugWork($workshop->equipment(Hands::class));
        $branches = [];
        foreach (SeizedSensor::drawn($car, [$one->id, $other->id], $workshop->equipment(Hands::class)->breaksSeized) as [$weight, $drawn, $came]) {
            foreach ($plugWork->reseated($this->exchanged($drawn, $one->id, $other->id), [$one->plugs()[0]->plugId, $other->plugs()[0]->plugId], $action) as [$share, $exchanged]) {
                $branches[] = new Branch($weight * $share, ElectricalDamage::done($exchanged), Prediction::of('done', [], Note::ofDrawing($came)));
            }
        }

        return $branches;
    }

    private function exchanged(Car $car, string $left, string $right): Car
    {
        [$one, $other] = [$car->vehicle->channel($left), $car->vehicle->channel($right)];
        $vehicle = $car->vehicle->withChannel(Refitted::with($one, $other))->withChannel(Refitted::with($other, $one));

        return $car->withVehicle($vehicle)->in($car->state->sensorsExchanged($left, $right));
    }
}
