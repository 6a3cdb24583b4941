<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

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
 * Takes the scan tool off the module.
 *
 * @extends BaseCarProcedure<EndSession>
 */
final readonly class EndSessionProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'end-session';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Take the scan tool off the module');
    }

    public function decode(Node $node): Action
    {
        return new EndSession;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car->in($car->state->withSession($car->state->session->inSession(false))), Prediction::of('done'));
    }
}
