<?php

declare(strict_types=1);

namespace Lernfall\Bay\Breakout;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Puts a breakout lead between module and module plug, or takes it out.
 *
 * @extends BaseCarProcedure<FitBreakout>
 */
final readonly class FitBreakoutProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'fit-breakout';
    }

    public function tool(): string
    {
        return 'jumpers';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Put a breakout lead between module and module plug, or take it out')
            ->with('fitted', Setting::bool());
    }

    public function example(): array
    {
        return ['fitted' => true];
    }

    public function decode(Node $node): Action
    {
        return new FitBreakout($node->bool('fitted'));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $fitted = $car->in($car->state->withConnections($car->state->connections->broughtOut($action->fitted)));

        return Branch::only($fitted, Prediction::of('done', [], $car->state->isPowered() ? [Note::ModulePlugLive] : []));
    }
}
