<?php

declare(strict_types=1);

namespace Lernfall\Bay\Key;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Turns the key.
 *
 * @extends BaseCarProcedure<TurnKey>
 */
final readonly class TurnKeyProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'ignition';
    }

    public function observations(): array
    {
        return ['done', 'engine'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Turn the key')
            ->with('to', Setting::choice(Ignition::class));
    }

    public function example(): array
    {
        return ['to' => 'running'];
    }

    public function decode(Node $node): Action
    {
        return new TurnKey($node->choice('to', Ignition::class));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new KeyWork)->turn($car, $action->to);
    }
}
