<?php

declare(strict_types=1);

namespace Tests\Core\Road;

use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Road\StopTask;
use Lernfall\Road\Yaw;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Stops of sound cars, one try at a time, wherever the rings stand: what one car in three shows is hidden in a mean. */
final class EveryStopTest extends TestCase
{
    private const CARS = ['harl-13', 'lendo-15', 'mirl-10', 'brack-22'];

    /** Gravel is left out, where a wheel that locks for a moment stops the car. */
    public function test_a_sound_car_leaves_no_mark_and_pulls_only_where_one_side_is_slippery_with_the_foot_hard_or_gently_on_the_brake(): void
    {
        $driver = Workbench::simulator()->workshop->equipment(Driver::class);
        $cases = [];
        foreach (self::CARS as $car) {
            foreach (array_filter(Footing::cases(), static fn (Footing $one): bool => $one !== Footing::Gravel) as $footing) {
                foreach (array_filter([20, 30, 40, 50, 60], static fn (int $speed): bool => $speed <= $footing->mostKilometresPerHour()) as $speed) {
                    foreach ([true, false] as $isHard) {
                        foreach (range(0, 8) as $way) {
                            $cases["$car, $footing->value, $speed km/h, ".($isHard ? 'hard' : 'gently').", way $way"] = [$car, $driver->stop(new StopHere($footing, $speed, $isHard)), $way / 9];
                        }
                    }
                }
            }
        }
        foreach (Sweep::of($cases, 200) as $name => [$car, $task, $way]) {
            $ground = new ClosedGround($car);
            $record = $ground->stop($task, true, $way);
            foreach ([0, 1, 2, 3] as $wheel) {
                self::assertLessThan($driver->limits->locksSeconds, $record->lockedSeconds($wheel, $driver->limits->locksAboveMetresPerSecond), "$name, wheel $wheel");
            }
            if ($task->track->isEven() && $task->track->left(0) === $task->track->right(0)) {
                self::assertLessThan($driver->limits->pullsNewtonMetresPerKilogram, abs(Yaw::of($record, $ground->chassis(), $task->track)->momentPerKilogram), $name);
            }
        }
    }

    /** A wheel that runs up again tells too much for a few edges: taken for the car's speed, it lets go of all the others. */
    public function test_with_ice_under_one_side_it_matters_little_where_the_rings_stand(): void
    {
        $driver = Workbench::simulator()->workshop->equipment(Driver::class);
        foreach (self::CARS as $car) {
            foreach ([Footing::IceLeft, Footing::IceRight] as $footing) {
                $metres = $this->metres($car, $driver->stop(new StopHere($footing, 20)));
                self::assertLessThan(1.35, max($metres) / min($metres), "$car, $footing->value");
            }
        }
    }

    /** @return non-empty-list<float> */
    private function metres(string $car, StopTask $task): array
    {
        return array_map(static fn (int $way): float => (new ClosedGround($car))->stop($task, true, $way / 9)->stopMetres(), range(0, 8));
    }
}
