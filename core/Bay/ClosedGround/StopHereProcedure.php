<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * A stop on closed ground: a run-up with the module watching, then the brake, and what the driver tells of it.
 *
 * Nobody provokes the control of slip in traffic. Nobody drives with a doubtful pedal; with the control off a stop begins slowly, since wheels lock. Common practice, no source.
 *
 * @extends BaseCarProcedure<StopHere>
 */
final readonly class StopHereProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'stop-on-closed-ground';
    }

    public function observations(): array
    {
        return ['stopped'];
    }

    public function equipment(): array
    {
        return [Driver::class, Foot::class, DriveMemory::class];
    }

    public function schema(): ActionSchema
    {
        return StopSettings::described(ActionSchema::of('Drive on closed ground, brake to a stop, and have the driver tell of it'));
    }

    public function example(): array
    {
        return StopSettings::EXAMPLE;
    }

    public function decode(Node $node): Action
    {
        return StopSettings::decode($node);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        StopSettings::check($action, $job->sound());
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new StopWork($workshop->equipment(Driver::class), $workshop->equipment(Foot::class), $workshop->equipment(DriveMemory::class)))->stop($car, $action, 'stopped');
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return DrivingTests::stops($vehicle);
    }
}
