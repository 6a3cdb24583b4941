<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Opens or closes the check connector.
 *
 * @extends BaseCarProcedure<OpenCheckConnector>
 */
final readonly class OpenCheckConnectorProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'check-connector';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Open or close the check connector')
            ->with('open', Setting::bool());
    }

    public function example(): array
    {
        return ['open' => true];
    }

    public function decode(Node $node): Action
    {
        return new OpenCheckConnector($node->bool('open'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::onThisCar($job->sound()->module->lampCodes !== null && $job->sound()->module->lampCodes->cycle === null);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car->in($car->state->withSession($car->state->session->withConnector($action->open))), Prediction::of('done'));
    }
}
