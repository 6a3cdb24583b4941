<?php

declare(strict_types=1);

namespace Lernfall\Bay\Braking;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Pedal\PedalWork;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Drive\FreeDrive;
use Lernfall\Road\Corners;
use Lernfall\Road\StopTask;

/**
 * A stop on closed ground: a run-up with the module watching, then the brake, and what the driver tells of it.
 *
 * Nobody provokes the control of slip in traffic. Nobody drives with a doubtful pedal; with the control off a stop begins slowly, since wheels lock. Common practice, no source.
 *
 * @extends BaseCarProcedure<StopHere>
 */
final readonly class StopHereProcedure extends BaseCarProcedure
{
    private const SLOWEST_KILOMETRES_PER_HOUR = 10;

    private const FASTEST_KILOMETRES_PER_HOUR = 80;

    private const RUN_UP_SECONDS = 4.0;

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
        return [Driver::class, Foot::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Drive on closed ground, brake to a stop, and have the driver tell of it')
            ->with('footing', Setting::choice(Footing::class))
            ->with('kilometresPerHour', Setting::integer('From which it brakes; no faster than the ground allows', ['minimum' => self::SLOWEST_KILOMETRES_PER_HOUR, 'maximum' => self::FASTEST_KILOMETRES_PER_HOUR]))
            ->with('hard', Setting::bool('The foot stamps on the pedal; else it presses gently'));
    }

    public function example(): array
    {
        return ['footing' => Footing::Dry->value, 'kilometresPerHour' => 50, 'hard' => true];
    }

    public function decode(Node $node): Action
    {
        return new StopHere($node->choice('footing', Footing::class), $node->int('kilometresPerHour'), $node->bool('hard'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::onThisCar(BrakingWork::corners($job->sound()) !== null);
        SettingRange::between('kilometresPerHour', (float) $action->kilometresPerHour, [self::SLOWEST_KILOMETRES_PER_HOUR, $action->footing->mostKilometresPerHour()]);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $corners = BrakingWork::corners($car->sound);
        $refusal = DrivingWork::refusal($car) ?? ((new PedalWork($car, $workshop->equipment(Foot::class)))->isDoubtful() ? Refusal::PedalDoubtful : null);
        if ($corners === null || $refusal !== null) {
            return Branch::refused($car, $refusal ?? Refusal::NotDriven);
        }
        $driver = $workshop->equipment(Driver::class);
        $task = $this->task($action, $driver);

        return array_map(
            fn (Branch $way): Branch => $this->stopped($car, $way, $action, $task, $corners, $driver),
            (new DrivingWork)->driven($car, FreeDrive::straight($action->kilometresPerHour / 3.6, self::RUN_UP_SECONDS), static fn (): Prediction => Prediction::of('stopped')),
        );
    }

    private function task(StopHere $action, Driver $driver): StopTask
    {
        return new StopTask(
            $action->kilometresPerHour / 3.6, $action->footing->track(),
            $action->isHard ? $driver->hardNewtons : $driver->gentleNewtons, $action->isHard ? $driver->hardNewtonsPerSecond : $driver->gentleNewtonsPerSecond, $action->footing->brakedSeconds(),
        );
    }

    /** After a run-up: where it has lit the lamp, the stop is made slowly or not at all. */
    private function stopped(Car $before, Branch $way, StopHere $action, StopTask $task, Corners $corners, Driver $driver): Branch
    {
        if ($action->isHard && ! (new LampWork)->isControlling($way->car) && $action->kilometresPerHour > $action->footing->mostUncontrolled()) {
            return new Branch($way->weight, $before, Prediction::refused(Refusal::TooFastUncontrolled));
        }
        $outcome = (new BrakingWork($way->car, $corners))->done($task, $driver);
        $features = [];
        foreach ($outcome->felt->subjects() as $about) {
            $features[$about] = new CategoryFeature($outcome->felt->chances($about));
        }
        $left = array_map(static fn (float $cubicCentimetres): float => round($cubicCentimetres, 2), $outcome->left);

        return new Branch($way->weight, $way->car->in($way->car->state->withAccumulated($left)), Prediction::of('stopped', $features));
    }
}
