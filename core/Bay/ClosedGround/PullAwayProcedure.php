<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * Pulling away on closed ground with the throttle open, straight ahead: what the driver tells of it.
 *
 * It is how traction control is seen at work; common practice, no source.
 *
 * @extends BaseCarProcedure<PullAway>
 */
final readonly class PullAwayProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'pull-away';
    }

    public function observations(): array
    {
        return ['pulled-away'];
    }

    public function equipment(): array
    {
        return [Driver::class, Foot::class, DriveMemory::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Pull away on closed ground with the throttle open, and have the driver tell of it')->with('footing', Setting::choice(Footing::class));
    }

    public function example(): array
    {
        return ['footing' => 'ice-left'];
    }

    public function decode(Node $node): Action
    {
        return new PullAway($node->choice('footing', Footing::class));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::onThisCar(StartWork::isPossible($job->sound()));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new PullAwayWork($workshop->equipment(Driver::class), $workshop->equipment(Foot::class), $workshop->equipment(DriveMemory::class)))->pulledAway($car, $action);
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return DrivingTests::starts($vehicle);
    }
}
