<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Road\BrakingCar;
use Lernfall\Road\Corners;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StopFigures;
use Lernfall\Road\StopTask;

/** A car in a stop on closed ground. What it does is worked out once for all cars whose brakes are the same and whose module hears the same of the wheels. */
final readonly class BrakingWork
{
    private RollingBody $body;

    private RingStart $rings;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->body = new RollingBody($car, $corners);
        $this->rings = RingStart::of($car);
    }

    /** @param  ?RoadRecord  $made  where it has been recorded already */
    public function done(StopTask $task, Driver $driver, DriveMemory $memory, ?RoadRecord $made = null): DriveOutcome
    {
        $duty = FailSafe::duty($this->car, $this->corners);
        $full = $this->car->state->lasting->accumulatedCubicCentimetres;
        $work = fn (): DriveOutcome => $this->tried($task, $driver, $memory, $this->ready($this->car, $duty, $full), $made);
        if (! $this->car->isTypical()) {
            return $work();
        }
        $told = implode(' ', ['stop', $task->text(), serialize($driver->limits)]);
        $asked = implode(' ', [$told, $duty?->text(), json_encode($full), $this->body->text()]);

        return $memory->with($this->car, $asked, $told, $work);
    }

    /** What it does next, all there is of it. */
    public function record(StopTask $task): RoadRecord
    {
        return $this->ready($this->car, FailSafe::duty($this->car, $this->corners), $this->car->state->lasting->accumulatedCubicCentimetres)->stop($task, $this->rings->first());
    }

    private function tried(StopTask $task, Driver $driver, DriveMemory $memory, BrakingCar $braking, ?RoadRecord $made): DriveOutcome
    {
        [$metres, $pedal, $limits] = [$this->usualMetres($task, $memory), $this->car->sound->unit()->restingPedalCentimetres($task->footNewtons), $driver->limits];
        $first = $made ?? $braking->stop($task, $this->rings->first());

        return new DriveOutcome($this->rings->told($first, static fn (float $share): RoadRecord => $braking->stop($task, $share), function (RoadRecord $record) use ($task, $metres, $pedal, $limits): array {
            $figures = StopFigures::of($record, $metres, $pedal, $task, $this->body->chassis, $limits);

            return [$figures->words($this->corners->ids, $limits), ! $record->isControlled() || $figures->isClear($limits)];
        }), $first->left);
    }

    /** How far this car goes when nothing is wrong with it, in metres. */
    private function usualMetres(StopTask $task, DriveMemory $memory): float
    {
        return $memory->usual($this->car->sound, 'stop '.$task->text(), function () use ($task): float {
            $parked = Car::hypothesis($this->car->sound, $this->car->sound);
            $braking = $this->ready(Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car, SlipDuty::whole($this->car->sound->model->build->slipControl), []);

            return RingStart::mean(static fn (float $share): float => $braking->stop($task, $share)->stopMetres());
        });
    }

    /** @param  array<string, float>  $full  cubic centimetres in the accumulators, by circuit */
    private function ready(Car $car, ?SlipDuty $duty, array $full): BrakingCar
    {
        $body = new RollingBody($car, $this->corners);

        return new BrakingCar($car->vehicle, $body->chassis, $body->heard(), $duty, $body->moves(), $full);
    }
}
