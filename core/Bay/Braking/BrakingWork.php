<?php

declare(strict_types=1);

namespace Lernfall\Bay\Braking;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Road\BrakingCar;
use Lernfall\Road\Corners;
use Lernfall\Road\Felt;
use Lernfall\Road\HeardRing;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StopFigures;
use Lernfall\Road\StopTask;
use Lernfall\Road\UnitMoves;
use Lernfall\Vehicle\Brakes\WheelLine;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** A car in a stop on closed ground. What it does is worked out once for all cars whose brakes are the same and whose module hears the same of the wheels. */
final readonly class BrakingWork
{
    /** How often a stop is worked out, with the rings standing otherwise each time; where nothing is controlled, they make no difference. */
    private const WAYS = [0.0, 1.0 / 3.0, 2.0 / 3.0];

    private Chassis $chassis;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->chassis = self::chassisOf($car->vehicle);
    }

    public function done(StopTask $task, Driver $driver): StopOutcome
    {
        $controls = (new LampWork)->isControlling($this->car);
        $full = $this->car->state->lasting->accumulatedCubicCentimetres;
        $work = fn (): StopOutcome => $this->tried($task, $driver, $this->ready($this->car, $controls, $full));
        if (! $this->car->isTypical()) {
            return $work();
        }
        $asked = implode(' ', ['stop', $task->text(), serialize($driver), (int) $controls, json_encode($full), $this->car->electrical()->atUnit(), md5(serialize([$this->rings($this->car), $this->wheels()]))]);

        return Memo::with($this->car->vehicle->unit(), $asked, $work);
    }

    /** Of the first try. */
    public function record(StopTask $task): RoadRecord
    {
        return $this->ready($this->car, (new LampWork)->isControlling($this->car), $this->car->state->lasting->accumulatedCubicCentimetres)->stop($task, self::WAYS[0]);
    }

    /** Once more, with the rings standing otherwise, only where that could make a difference. */
    private function tried(StopTask $task, Driver $driver, BrakingCar $braking): StopOutcome
    {
        [$metres, $pedal, $limits] = [$this->usualMetres($task), $this->usualPedal($task), $driver->limits];
        $figures = fn (RoadRecord $record): StopFigures => StopFigures::of($record, $metres, $pedal, $task, $this->chassis, $limits);
        $first = $braking->stop($task, self::WAYS[0]);
        $seen = $figures($first);
        // the true car is tried as often whatever is wrong with it, so that how long it takes tells nothing
        $isDone = $this->car->isHypothesis() && (! $first->isControlled() || $seen->isClear($limits));
        $words = array_map(fn (float $way): array => ($isDone || $way === self::WAYS[0] ? $seen : $figures($braking->stop($task, $way)))->words($this->corners->ids, $limits), self::WAYS);

        return new StopOutcome(Felt::by($words), $first->left);
    }

    /** How far this car goes when nothing is wrong with it, in metres. */
    private function usualMetres(StopTask $task): float
    {
        return Memo::with($this->car->sound->unit(), 'usual stop '.$task->text(), function () use ($task): float {
            $parked = Car::hypothesis($this->car->sound, $this->car->sound);
            $braking = $this->ready(Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car, true, []);

            return array_sum(array_map(static fn (float $way): float => $braking->stop($task, $way)->stopMetres(), self::WAYS)) / count(self::WAYS);
        });
    }

    /** How far the pedal of the sound car goes down by this foot while it stands, in centimetres. */
    private function usualPedal(StopTask $task): float
    {
        $unit = $this->car->sound->unit();
        $bar = $unit->master->bar($task->footNewtons);

        return $unit->master->pedalTravelCentimetres(array_sum(array_map(static fn (WheelLine $line): float => $line->brake->volume->volume($bar), $unit->hydraulics->wheels)));
    }

    /** @param  array<string, float>  $full  cubic centimetres in the accumulators, by circuit */
    private function ready(Car $car, bool $controls, array $full): BrakingCar
    {
        return new BrakingCar($car->vehicle, $this->chassis, $this->corners, $this->rings($car), $controls, $this->moves($car), $full);
    }

    /** Cars with the same wires share what has been solved. */
    private function moves(Car $car): UnitMoves
    {
        $wiring = $car->unitWiring();
        $electrical = $car->electrical();
        $celsius = $car->vehicle->climate->ambientCelsius;

        return Memo::with($wiring, "moves {$electrical->atUnit()} $celsius", fn (): UnitMoves => new UnitMoves($car->vehicle->unit()->hydraulics, $wiring, $electrical, $this->corners->ids, $celsius));
    }

    /** @return array<string, HeardRing> by channel */
    private function rings(Car $car): array
    {
        $least = $car->vehicle->model->build->slipControl->leavesBelowMetresPerSecond / $car->vehicle->tyre->rollingCircumferenceMetres();
        $rings = [];
        foreach ($this->corners->ids as $id) {
            $rings[$id] = HeardRing::of((new SpeedReception($car))->whileDriving($car->channel($id), 0.0), $least);
        }

        return $rings;
    }

    /** @return list<array{float, int, string}> what else of its wheels makes a difference */
    private function wheels(): array
    {
        $vehicle = $this->car->vehicle;

        return array_map(static fn (string $id): array => [$vehicle->channel($id)->wheelEnd->tyreFactor, $vehicle->reckonedTeeth($id), $vehicle->inputOf($id)], $this->corners->ids);
    }

    private static function chassisOf(Vehicle $vehicle): Chassis
    {
        return $vehicle->model->build->chassis ?? throw new LogicException('Who knows the corners of a car knows its chassis.');
    }
}
