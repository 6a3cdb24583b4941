<?php

declare(strict_types=1);

namespace Lernfall\Bay\Plugs;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Joins a plug.
 *
 * @extends BaseCarProcedure<Join>
 */
final readonly class JoinProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'join';
    }

    public function equipment(): array
    {
        return [Hands::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Join a plug')
            ->with('plug', Setting::text());
    }

    public function example(): array
    {
        return ['plug' => 'FR.sensor-plug'];
    }

    public function decode(Node $node): Action
    {
        return new Join($node->text('plug'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('plug', $action->plug, $job->sound()->plugIds());
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new PlugWork($workshop->equipment(Hands::class)))->join($car, $action->plug);
    }
}
