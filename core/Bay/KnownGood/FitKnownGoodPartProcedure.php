<?php

declare(strict_types=1);

namespace Lernfall\Bay\KnownGood;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * A known good part from the shelf in place of the car's own, which goes back afterwards.
 *
 * @extends BaseCarProcedure<FitKnownGoodPart>
 */
final readonly class FitKnownGoodPartProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'fit-trial-part';
    }

    public function tool(): string
    {
        return 'trial-parts';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Fit a known good part from the shelf in place of the car\'s own, or take it out again. A test, not a repair')
            ->with('part', Setting::choice(KnownGoodPart::class))
            ->with('channel', Setting::text())
            ->with('fitted', Setting::bool())
            ->orWith('asks', Setting::bool(Refusal::ASKS));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'part' => 'sensor', 'fitted' => true];
    }

    public function decode(Node $node): Action
    {
        return new FitKnownGoodPart($node->choice('part', KnownGoodPart::class), $node->text('channel'), $node->bool('fitted'), $node->has('asks') && $node->bool('asks'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $action->part->places($job->sound()));
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new KnownGoodWork($workshop->equipment(Hands::class)))->fit($car, $action);
    }
}
