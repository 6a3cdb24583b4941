<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Module\Blinking;
use Lernfall\Module\Memory;
use Lernfall\Vehicle\Vehicle;

/**
 * Power on, off and on again: the lamp then blinks once what is stored, or all is forgotten and checked anew.
 *
 * @extends BaseCarProcedure<CyclePower>
 */
final readonly class CyclePowerProcedure extends BaseCarProcedure
{
    private const SECONDS = [0.2, 30.0];

    public function name(): string
    {
        return 'cycle-power';
    }

    public function observations(): array
    {
        return ['lamp-watched'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Switch the power on, off and on again, and watch the lamp')
            ->with('onSeconds', Setting::number())
            ->with('offSeconds', Setting::number());
    }

    public function example(): array
    {
        return ['onSeconds' => 1.0, 'offSeconds' => 1.5];
    }

    public function decode(Node $node): Action
    {
        return new CyclePower($node->float('onSeconds'), $node->float('offSeconds'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::onThisCar($job->sound()->module->lampCodes?->cycle !== null);
        SettingRange::between('onSeconds', $action->onSeconds, self::SECONDS);
        SettingRange::between('offSeconds', $action->offSeconds, self::SECONDS);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $rules = $car->vehicle->module->lampCodes;
        $off = $car->in($car->state->keyAt(Ignition::Off));
        if ($rules?->cycle?->isClearedBy($action->onSeconds, $action->offSeconds) === true) {
            $off = $off->in($off->state->remembering(Memory::empty()));
        }
        $lamp = new LampWork;
        $branches = [];
        foreach ((new KeyWork)->turn($off, Ignition::On) as $branch) {
            $understood = $rules?->cycle?->isMetBy($action->onSeconds, $action->offSeconds) === true && $branch->car->modulePowered();
            $branches[] = new Branch($branch->weight, $branch->car, $lamp->watched($branch->car, $understood ? Blinking::of($lamp->codes($branch->car), $rules) : null));
        }

        return $branches;
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        $cycle = $vehicle->module->lampCodes?->cycle;

        return $cycle === null ? [] : [
            CandidateTest::usual('lamp-codes', Before::driven(), new CyclePower($cycle->onSeconds, $cycle->offSeconds), ['lamp'])->ofTheWholeCar(),
        ];
    }
}
