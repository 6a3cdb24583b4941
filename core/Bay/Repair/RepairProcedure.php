<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Carries out a repair.
 *
 * @extends BaseCarProcedure<Repair>
 */
final readonly class RepairProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'repair';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Carry out a repair')
            ->with('kind', Setting::choice(RepairKind::class))
            ->with('channel', Setting::channel())
            ->orWith('routes', Setting::bool('A mended cable is laid clear of what it rubs on and clipped in its holders as well; left out, it is'));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'kind' => 'set-gap'];
    }

    public function decode(Node $node): Action
    {
        return new Repair($node->choice('kind', RepairKind::class), $node->text('channel'), ! $node->has('routes') || $node->bool('routes'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $action->kind->places($job->sound()));
        if (! $workshop->has($action->kind->value)) {
            throw UnfitAction::notDoneHere();
        }
        if (! $action->routes && $action->kind !== RepairKind::RepairLoom) {
            throw UnfitAction::unknown('routes', $action->kind->value);
        }
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new RepairWork($workshop->equipment(Hands::class)))->repair($car, $action);
    }
}
