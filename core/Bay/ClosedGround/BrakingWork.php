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
    /** How often a stop is worked out, with the rings standing otherwise each time; where nothing is controlled, they make no difference. */
    public const WAYS = [0.0, 1.0 / 3.0, 2.0 / 3.0];

    private RollingBody $body;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->body = new RollingBody($car, $corners);
    }

    public function done(StopTask $task, Driver $driver, DriveMemory $memory): DriveOutcome
    {
        $duty = FailSafe::duty($this->car, $this->corners);
        $full = $this->car->state->lasting->accumulatedCubicCentimetres;
        $work = fn (): DriveOutcome => $this->tried($task, $driver, $memory, $this->ready($this->car, $duty, $full));
        if (! $this->car->isTypical()) {
            return $work();
        }
        $told = implode(' ', ['stop', $task->text(), serialize($driver->limits)]);
        $asked = implode(' ', [$told, $duty?->text(), json_encode($full), $this->body->text()]);

        return $memory->with($this->car, $asked, $told, $work);
    }

    /** Of the first try. */
    public function record(StopTask $task): RoadRecord
    {
        return $this->ready($this->car, FailSafe::duty($this->car, $this->corners), $this->car->state->lasting->accumulatedCubicCentimetres)->stop($task, self::WAYS[0]);
    }

    /** Once more, with the rings standing otherwise, only where that could make a difference. */
    private function tried(StopTask $task, Driver $driver, DriveMemory $memory, BrakingCar $braking): DriveOutcome
    {
        [$metres, $pedal, $limits] = [$this->usualMetres($task, $memory), $this->car->sound->unit()->restingPedalCentimetres($task->footNewtons), $driver->limits];
        $figures = fn (RoadRecord $record): StopFigures => StopFigures::of($record, $metres, $pedal, $task, $this->body->chassis, $limits);
        $first = $braking->stop($task, self::WAYS[0]);
        $seen = $figures($first);
        // the true car is tried as often whatever is wrong with it, so that how long it takes tells nothing
        $isDone = $this->car->isHypothesis() && (! $first->isControlled() || $seen->isClear($limits));
        $words = array_map(fn (float $way): array => ($isDone || $way === self::WAYS[0] ? $seen : $figures($braking->stop($task, $way)))->words($this->corners->ids, $limits), self::WAYS);

        return new DriveOutcome($words, $first->left);
    }

    /** How far this car goes when nothing is wrong with it, in metres. */
    private function usualMetres(StopTask $task, DriveMemory $memory): float
    {
        return $memory->usual($this->car->sound, 'stop '.$task->text(), function () use ($task): float {
            $parked = Car::hypothesis($this->car->sound, $this->car->sound);
            $braking = $this->ready(Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car, SlipDuty::whole($this->car->sound->model->build->slipControl), []);

            return array_sum(array_map(static fn (float $way): float => $braking->stop($task, $way)->stopMetres(), self::WAYS)) / count(self::WAYS);
        });
    }

    /** @param  array<string, float>  $full  cubic centimetres in the accumulators, by circuit */
    private function ready(Car $car, ?SlipDuty $duty, array $full): BrakingCar
    {
        $body = new RollingBody($car, $this->corners);

        return new BrakingCar($car->vehicle, $body->chassis, $body->heard(), $duty, $body->moves(), $full);
    }
}
