<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Road\Corners;

/** A run-up with the module watching, then a stop: what the driver tells, and what a terminal has recorded of it. */
final readonly class StopWork
{
    public function __construct(private Driver $driver, private Foot $foot, private DriveMemory $memory)
    {
    }

    /**
     * @param  string  $kind  of the observation
     * @return non-empty-list<Branch>
     */
    public function stop(Car $car, StopHere $stop, string $kind, bool $records = false): array
    {
        $corners = Corners::of($car->sound);
        if ($corners === null) {
            return Branch::refused($car, Refusal::NotDriven);
        }
        $refusal = MayBeDriven::refusal($car, $this->foot);
        if ($refusal !== null) {
            return Branch::refused($car, $refusal);
        }

        return array_map(
            fn (Branch $way): Branch => $this->stopped($car, $way, $stop, $corners, $kind, $records),
            (new DrivingWork)->driven($car, $stop->journey(), static fn (): Prediction => Prediction::of($kind)),
        );
    }

    /** After a run-up: where it has lit the lamp, the stop is made slowly or not at all. */
    private function stopped(Car $before, Branch $way, StopHere $stop, Corners $corners, string $kind, bool $records): Branch
    {
        if ($stop->isHard && ! (new LampWork)->isControlling($way->car) && $stop->kilometresPerHour > $stop->footing->mostUncontrolled()) {
            return new Branch($way->weight, $before, Prediction::refused(Refusal::TooFastUncontrolled));
        }
        $work = new BrakingWork($way->car, $corners);
        // what is recorded is for the eye: figures of one stop depend on where the rings stood, so that no car that could be there is held against them
        $record = $records && ! $way->car->isHypothesis() ? $work->record($this->driver->stop($stop)) : null;
        $outcome = $work->done($this->driver->stop($stop), $this->driver, $this->memory, $record);
        $features = SelfTest::heard($before);
        $felt = $outcome->felt();
        foreach ($felt->subjects() as $about) {
            $features[$about] = new CategoryFeature($felt->chances($about));
        }
        $recorded = $record === null ? [] : (new StopRecorder($way->car, $corners, $this->driver->limits))->recorded($record);
        $left = array_map(static fn (float $cubicCentimetres): float => round($cubicCentimetres, 2), $outcome->left);

        return new Branch($way->weight, $way->car->in($way->car->state->withAccumulated($left)), Prediction::of($kind, [...$features, ...$recorded]));
    }
}
