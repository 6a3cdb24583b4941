<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Road\Corners;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StartFigures;
use Lernfall\Road\StartingCar;
use Lernfall\Road\StartLimits;
use Lernfall\Road\StartTask;
use Lernfall\Vehicle\Motion\Drivetrain;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** A car that pulls away. What it does is worked out once for all cars whose brakes are the same and whose module hears the same of the wheels. */
final readonly class StartWork
{
    private Drivetrain $drivetrain;

    /** Its left driven wheel. */
    private int $left;

    private RingStart $rings;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->rings = RingStart::of($car);
        $build = $car->vehicle->model->build;
        $this->drivetrain = $build->drivetrain ?? throw new LogicException('Who has corners and a driven axle has a drivetrain.');
        $this->left = Corners::leftOf($build->drivenAxle()) ?? throw new LogicException('Nothing turns its wheels.');
    }

    /** Whether anything is known of how this car pulls away. */
    public static function isPossible(Vehicle $vehicle): bool
    {
        $build = $vehicle->model->build;

        return Corners::of($vehicle) !== null && $build->drivetrain !== null && Corners::leftOf($build->drivenAxle()) !== null;
    }

    public function done(StartTask $task, StartLimits $limits, DriveMemory $memory): DriveOutcome
    {
        $controls = (new LampWork)->isTractionControlling($this->car);
        $work = fn (): DriveOutcome => $this->tried($task, $limits, $memory, $this->ready($this->car, $controls));
        if (! $this->car->isTypical()) {
            return $work();
        }
        $told = implode(' ', ['start', $task->text(), serialize($limits)]);
        $asked = implode(' ', [$told, (int) $controls, (new RollingBody($this->car, $this->corners))->text()]);

        return $memory->with($this->car, $asked, $told, $work);
    }

    /** What it does next, all there is of it. */
    public function record(StartTask $task): RoadRecord
    {
        return $this->ready($this->car, (new LampWork)->isTractionControlling($this->car))->start($task, $this->rings->first());
    }

    private function tried(StartTask $task, StartLimits $limits, DriveMemory $memory, StartingCar $starting): DriveOutcome
    {
        $usual = $this->usual($task, $memory);

        $drive = static fn (float $share): RoadRecord => $starting->start($task, $share);

        return new DriveOutcome($this->rings->told($drive($this->rings->first()), $drive, function (RoadRecord $record) use ($limits, $usual): array {
            $figures = StartFigures::of($record, $usual, $this->left, $limits);

            return [$figures->words($this->corners->ids, $limits), ! $record->isControlled() || $figures->isClear($limits)];
        }));
    }

    /** How fast this car is at the end of it when nothing is wrong with it, in m/s. */
    private function usual(StartTask $task, DriveMemory $memory): float
    {
        return $memory->usual($this->car->sound, 'start '.$task->text(), function () use ($task): float {
            $parked = Car::hypothesis($this->car->sound, $this->car->sound);
            $starting = $this->ready(Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car, true);

            return RingStart::mean(static fn (float $share): float => $starting->start($task, $share)->lastMetresPerSecond());
        });
    }

    private function ready(Car $car, bool $controls): StartingCar
    {
        $body = new RollingBody($car, $this->corners);

        return new StartingCar($car->vehicle, $body->chassis, $this->drivetrain, $this->left, $body->heard(), $controls && (new LampWork)->hasTractionControl($car->sound), $body->moves());
    }
}
