<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Drive\FreeDrive;
use Lernfall\Road\Corners;
use LogicException;

/** A drive on closed ground once more, with everything there is of it: for whoever may know what is wrong with the car. */
final readonly class DriveReplay
{
    public function __construct(private Driver $driver)
    {
    }

    /** Null where a step was no such drive, or was refused. */
    public function of(Step $step): ?RoadPlay
    {
        $action = $step->action instanceof RecordStop ? $step->action->stop : $step->action;
        $told = [];
        foreach ($step->observation->values as $about => $word) {
            $told += is_string($word) ? [(string) $about => $word] : [];
        }

        return match (true) {
            ! $step->wasDone() => null,
            $action instanceof StopHere => $this->stopped($step->before, $action, $told),
            $action instanceof PullAway => $this->pulledAway($step->before, $action, $told),
            $action instanceof DriveFreely => $this->drivenFreely($step->before, $action, $told),
            default => null,
        };
    }

    /** @param  array<string, string>  $told */
    private function stopped(Car $before, StopHere $stop, array $told): RoadPlay
    {
        [$car, $corners] = [$this->there($before, $stop->journey()), self::corners($before)];
        $record = (new BrakingWork($car, $corners))->record($this->driver->stop($stop));

        return RoadPlay::of($record, $stop->footing->track(), (new RollingBody($car, $corners))->chassis, $corners->ids, $told, (new LampWork)->isControlling($car));
    }

    /** @param  array<string, string>  $told */
    private function pulledAway(Car $before, PullAway $start, array $told): RoadPlay
    {
        [$car, $corners] = [$this->there($before, $start->journey()), self::corners($before)];
        $record = (new StartWork($car, $corners))->record($this->driver->start($start));
        $controls = (new LampWork)->hasTractionControl($car->sound) && (new LampWork)->isTractionControlling($car);

        return RoadPlay::of($record, $start->footing->track(), (new RollingBody($car, $corners))->chassis, $corners->ids, $told, $controls);
    }

    /** @param  array<string, string>  $told */
    private function drivenFreely(Car $before, DriveFreely $drive, array $told): RoadPlay
    {
        [$car, $corners] = [$this->there($before, $drive->journey()), self::corners($before)];
        $record = (new FreelyDriven($car, $corners))->record($drive, $this->driver);

        return RoadPlay::freely($record, $drive->footing->track(), (new RollingBody($car, $corners))->chassis, $corners->ids, $told, (new LampWork)->isControlling($car));
    }

    /** As the way there has left it. */
    private function there(Car $before, FreeDrive $way): Car
    {
        return Branch::likeliest((new DrivingWork)->driven($before, $way, static fn (): Prediction => Prediction::of('driven')))->car;
    }

    private static function corners(Car $car): Corners
    {
        return Corners::of($car->sound) ?? throw new LogicException('What was driven has four wheels.');
    }
}
