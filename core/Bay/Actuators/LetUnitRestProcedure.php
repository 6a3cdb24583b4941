<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Waits: the minutes it takes cool what was driven.
 *
 * @extends BaseCarProcedure<LetUnitRest>
 */
final readonly class LetUnitRestProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'let-unit-rest';
    }

    public function tool(): string
    {
        return 'actuator-tests';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Leave coils and pump of the hydraulic unit alone for some minutes, so that they cool');
    }

    public function decode(Node $node): Action
    {
        return new LetUnitRest;
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($job->sound()->brakeParts->unit === null) {
            throw UnfitAction::notOnThisCar();
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car, Prediction::of('done'));
    }
}
