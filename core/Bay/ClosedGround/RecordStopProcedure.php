<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * A stop on closed ground, recorded: one drives, another reads the instrument. The terminal listens only; it opens no session, in which the control of slip may be off.
 *
 * @extends BaseCarProcedure<RecordStop>
 */
final readonly class RecordStopProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'record-stop';
    }

    public function observations(): array
    {
        return ['stop-recorded', 'no-answer'];
    }

    public function tool(): string
    {
        return 'live-data';
    }

    public function equipment(): array
    {
        return [Driver::class, Foot::class, DriveMemory::class];
    }

    public function schema(): ActionSchema
    {
        return StopSettings::described(ActionSchema::of('Brake to a stop on closed ground with the terminal recording the wheel speeds'));
    }

    public function example(): array
    {
        return StopSettings::EXAMPLE;
    }

    public function decode(Node $node): Action
    {
        return new RecordStop(StopSettings::decode($node));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        StopSettings::check($action->stop, $job->sound());
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $car->modulePowered() || ! $car->vehicle->module->talksToScanTools()) {
            return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
        }

        return (new StopWork($workshop->equipment(Driver::class), $workshop->equipment(Foot::class), $workshop->equipment(DriveMemory::class)))->stop($car, $action->stop, 'stop-recorded', records: true);
    }
}
