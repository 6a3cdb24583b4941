<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Drive\AsDriven;
use Lernfall\Drive\Ground;
use Lernfall\Drive\Stretch;
use Lernfall\Road\Corners;
use Lernfall\Road\FreeCar;
use Lernfall\Road\FreeFigures;
use Lernfall\Road\FreePart;
use Lernfall\Road\FreeRecord;
use Lernfall\Road\FreeTask;
use Lernfall\Road\RoadRecord;
use LogicException;

/** A car in a free drive. What it does is worked out once for all cars whose brakes are the same and whose module hears the same of the wheels. */
final readonly class FreelyDriven
{
    /** Half a second. */
    private const EVEN_TICKS = 125;

    private int $left;

    private RingStart $rings;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->rings = RingStart::of($car);
        $this->left = Corners::leftOf($car->vehicle->model->build->drivenAxle()) ?? throw new LogicException('Nothing turns its wheels.');
    }

    public function done(DriveFreely $drive, Driver $driver, DriveMemory $memory): DriveOutcome
    {
        $task = $this->task($drive, $driver);
        $work = fn (): DriveOutcome => $this->tried($task, $driver);
        if (! $this->car->isTypical()) {
            return $work();
        }
        $told = implode(' ', ['free', $task->text(), serialize($driver->limits), serialize($driver->starts)]);
        $asked = implode(' ', [
            $told, FailSafe::duty($this->car, $this->corners)?->text(), (int) $this->keepsFromSpinning(), json_encode($this->car->state->lasting->accumulatedCubicCentimetres),
            (new RollingBody($this->car, $this->corners))->text(),
        ]);

        return $memory->with($this->car, $asked, $told, $work);
    }

    /** What it does next, all there is of it. */
    public function record(DriveFreely $drive, Driver $driver): FreeRecord
    {
        return $this->ready()->drive($this->task($drive, $driver), $this->rings->first());
    }

    /**
     * What the module's monitors watch of it: the way there, and whatever is driven with no foot on the brake, since a braked wheel slows down as no rolling one can. Taken from this car with nothing wrong with it, so that
     * all cars that could be there have driven alike.
     */
    public function watched(DriveFreely $drive, Driver $driver): AsDriven
    {
        $task = $this->task($drive, $driver);

        return Memo::with($this->car->sound->unit(), 'watched free '.$task->text(), function () use ($drive, $task): AsDriven {
            $parked = Car::hypothesis($this->car->sound, $this->car->sound);
            $sound = new self(Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car, $this->corners);
            $stretches = [];
            foreach (self::watchedParts($sound, $task) as [$part, $driven]) {
                array_push($stretches, ...($part->isBraked() ? [] : self::stretches($driven, $part->steers)));
            }

            return new AsDriven($drive->journey(), $stretches);
        });
    }

    /** @return list<array{FreePart, RoadRecord}> what comes after the last part without a foot on the brake left out: nobody watches it */
    private static function watchedParts(self $sound, FreeTask $task): array
    {
        $parts = $task->parts;
        while ($parts !== [] && $parts[count($parts) - 1]->isBraked()) {
            array_pop($parts);
        }

        return $parts === [] ? [] : $sound->ready()->drive(new FreeTask($task->track, $parts, $task->mostMetresPerSecond), $sound->rings->first())->parts;
    }

    /** @return list<Stretch> so short that the speed changes evenly on each */
    private static function stretches(RoadRecord $driven, int $steers): array
    {
        $ground = match ($steers) {
            1 => Ground::LeftBend,
            -1 => Ground::RightBend,
            default => Ground::Straight,
        };
        $last = count($driven->metresPerSecond) - 1;
        $stretches = [];
        for ($from = 0; $from < $last; $from = $to) {
            $to = min($last, $from + self::EVEN_TICKS);
            $stretches[] = new Stretch($driven->metresPerSecond[$from], $driven->metresPerSecond[$to], ($to - $from) * $driven->tickSeconds, $ground);
        }

        return $stretches;
    }

    private function tried(FreeTask $task, Driver $driver): DriveOutcome
    {
        [$limits, $starts, $car] = [$driver->limits, $driver->starts, $this->ready()];
        $chassis = (new RollingBody($this->car, $this->corners))->chassis;
        $resting = [];
        foreach ($task->parts as $part) {
            $resting[(int) $part->footNewtons] = $this->car->sound->unit()->restingPedalCentimetres($part->footNewtons);
        }
        $first = $car->drive($task, $this->rings->first());

        return new DriveOutcome($this->rings->told($first, static fn (float $share): FreeRecord => $car->drive($task, $share), function (FreeRecord $record) use ($task, $limits, $starts, $chassis, $resting): array {
            $figures = FreeFigures::of($record, $resting, $this->left, $chassis, $task->track, $limits, $starts);

            return [$figures->words($this->corners->ids, $limits, $starts), ! $record->isControlled() || $figures->isClear($limits, $starts)];
        }), $first->whole->left);
    }

    /** With the control of slip off nobody who means to stamp on the brake drives faster than wheels may lock at. */
    private function task(DriveFreely $drive, Driver $driver): FreeTask
    {
        $most = $drive->footing->mostKilometresPerHour();
        if (! (new LampWork)->isControlling($this->car)) {
            $most = min($most, $drive->footing->mostUncontrolled());
        }

        return new FreeTask($drive->footing->track(), array_map(static fn (FreeStretch $one): FreePart => $driver->part($one), $drive->parts), $most / 3.6);
    }

    private function keepsFromSpinning(): bool
    {
        return (new LampWork)->isTractionControlling($this->car) && (new LampWork)->hasTractionControl($this->car->sound);
    }

    private function ready(): FreeCar
    {
        $body = new RollingBody($this->car, $this->corners);
        $drivetrain = $this->car->vehicle->model->build->drivetrain ?? throw new LogicException('Who has a driven axle has a drivetrain.');

        return new FreeCar(
            $this->car->vehicle, $body->chassis, $drivetrain, $this->left, $body->heard(), $body->moves(), FailSafe::duty($this->car, $this->corners), $this->keepsFromSpinning(),
            $this->car->state->lasting->accumulatedCubicCentimetres,
        );
    }
}
