<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Pulls the parking brake, which leaves a check mode.
 *
 * @extends BaseCarProcedure<PullParkingBrake>
 */
final readonly class PullParkingBrakeProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'parking-brake';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Pull the parking brake; whoever drives off releases it');
    }

    public function decode(Node $node): Action
    {
        return new PullParkingBrake;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car->in($car->state->withSession($car->state->session->leftCheckMode())), Prediction::of('done'));
    }
}
