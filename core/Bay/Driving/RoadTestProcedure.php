<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Drive\Route;

/**
 * A drive with the module watching.
 *
 * @extends BaseCarProcedure<RoadTest>
 */
final readonly class RoadTestProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'road-test';
    }

    public function observations(): array
    {
        return ['driven'];
    }

    public function schema(): ActionSchema
    {
        return JourneySetting::described(ActionSchema::of('Drive one of the drives there are, with the module watching'), required: false);
    }

    public function decode(Node $node): Action
    {
        return new RoadTest($node->has('route') ? JourneySetting::decode($node) : Route::Usual);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        JourneySetting::check($action->route);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new DrivingWork)->roadTest($car, $action->route);
    }
}
