<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Road\RollingCar;
use Lernfall\Road\StopTask;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Motion\Chassis;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * Stops with the control of slip against UN Regulation 13-H, Annex 6: how much of what the road offers is used (at least three quarters), and that no wheel locks above 15 km/h but for
 * a moment. Procedure and figures from memory; loose gravel, on which the regulation asks for nothing as far as remembered, is reported only.
 */
final class AdhesionTest extends TestCase
{
    private const CARS = ['harl-13' => 350.0, 'lendo-15' => 400.0, 'mirl-10' => 300.0, 'brack-22' => 1000.0];

    private const SURFACES = [Surface::Dry, Surface::Wet, Surface::Snow, Surface::Ice];

    private const FROM = 50.0 / 3.6;

    /** Of standing still, above 15 km/h: the moment a wheel may. */
    private const MOMENT_SECONDS = 0.2;

    private const WAYS = 12;

    public function test_three_quarters_of_what_the_road_offers_are_used_and_no_wheel_locks(): void
    {
        $cases = [];
        foreach (self::CARS as $car => $load) {
            foreach (self::SURFACES as $surface) {
                foreach ([0.0, $load] as $kilograms) {
                    foreach (range(0, self::WAYS - 1) as $way) {
                        $cases["$car, $surface->value, $kilograms kg, way $way"] = [$car, $surface, $kilograms, $way / self::WAYS];
                    }
                }
            }
        }
        foreach (Sweep::of($cases, 64) as $name => [$car, $surface, $kilograms, $way]) {
            $record = (new ClosedGround($car, null, $kilograms))->stop(new StopTask(self::FROM, Track::of($surface), 500.0), true, $way);
            foreach ([0, 1, 2, 3] as $wheel) {
                self::assertLessThan(self::MOMENT_SECONDS, $record->lockedSeconds($wheel, 15.0 / 3.6), "$name, wheel $wheel");
            }
            $chassis = (new ClosedGround($car))->chassis();
            self::assertGreaterThan(0.75, $this->used($record->metresPerSecond, $record->seconds, $chassis->loaded($kilograms, 0.75 * $chassis->wheelbaseMetres), $surface, $car), $name);
        }
    }

    /** Controlled against locked from 50 km/h: shorter on asphalt and snow, about the same on ice, longer on gravel, where locked wheels push a wedge before them. */
    public function test_control_makes_stops_shorter_but_on_gravel(): void
    {
        foreach (array_keys(self::CARS) as $car) {
            $ground = new ClosedGround($car);
            $ratio = static fn (Surface $surface): float => $ground->stop(new StopTask(self::FROM, Track::of($surface), 500.0))->stopMetres() / $ground->stop(new StopTask(self::FROM, Track::of($surface), 500.0), false)->stopMetres();
            self::assertEqualsWithDelta(0.78, $ratio(Surface::Dry), 0.08, $car);
            self::assertEqualsWithDelta(0.74, $ratio(Surface::Wet), 0.08, $car);
            self::assertEqualsWithDelta(0.78, $ratio(Surface::Snow), 0.08, $car);
            self::assertEqualsWithDelta(1.03, $ratio(Surface::Ice), 0.05, $car);
            self::assertGreaterThan(1.2, $ratio(Surface::Gravel), $car);
        }
    }

    /**
     * ε = z / k between 40 and 20 km/h: the deceleration against what the road offers, both against gravity. What it offers is found axle by axle, as the least time without a locked wheel.
     *
     * @param  list<float>  $speeds
     * @param  list<float>  $seconds
     */
    private function used(array $speeds, array $seconds, Chassis $chassis, Surface $surface, string $car): float
    {
        $z = 20.0 / 3.6 / self::between($speeds, $seconds, 40.0, 20.0) / RollingCar::GRAVITY;
        $radius = Workbench::vehicle($car)->tyre->rollingCircumferenceMetres() / (2.0 * M_PI);
        $shifted = $chassis->gravityHeightMetres / $chassis->wheelbaseMetres * $z;
        $rear = $chassis->gravityBehindFrontAxleMetres / $chassis->wheelbaseMetres;
        [$front, $rear] = [1.0 - $rear + $shifted, $rear - $shifted];

        return $z / ($front * $this->offered($chassis, $surface, $radius, true) + $rear * $this->offered($chassis, $surface, $radius, false));
    }

    /** The coefficient of adhesion of an axle, braked alone with the torque that slows the car most. */
    private function offered(Chassis $chassis, Surface $surface, float $radius, bool $front): float
    {
        /** @var array<string, float> $known */
        static $known = [];
        $key = serialize([$chassis, $surface, $radius, $front]);

        return $known[$key] ??= $this->best($chassis, $surface, $radius, $front);
    }

    private function best(Chassis $chassis, Surface $surface, float $radius, bool $front): float
    {
        $peak = $surface->friction()->peak() * $chassis->massKilograms * RollingCar::GRAVITY * $radius / 2.0;
        $best = INF;
        foreach (range(20, 100) as $percent) {
            $torque = $peak * $percent / 100.0;
            $car = new RollingCar($chassis, array_fill(0, 4, $radius), Track::of($surface), 45.0 / 3.6);
            [$from, $now] = [null, 0.0];
            while ($car->metresPerSecond > 20.0 / 3.6 && $now < 60.0 && min($car->turning()) > 0.0) {
                $car->step($front ? [$torque, $torque, 0.0, 0.0] : [0.0, 0.0, $torque, $torque], null, 0.004);
                $now += 0.004;
                $from ??= $car->metresPerSecond <= 40.0 / 3.6 ? $now : null;
            }
            if ($from === null || min($car->turning()) <= 0.0) {
                break;
            }
            $best = min($best, $now - $from);
        }
        $z = 20.0 / 3.6 / $best / RollingCar::GRAVITY;
        $rear = $chassis->gravityBehindFrontAxleMetres / $chassis->wheelbaseMetres;
        $shifted = $chassis->gravityHeightMetres / $chassis->wheelbaseMetres * $z;
        [$on, $off] = $front ? [1.0 - $rear + $shifted, $rear] : [$rear - $shifted, 1.0 - $rear];

        return ($z - 0.015 * $off) / $on;
    }

    /**
     * @param  list<float>  $speeds
     * @param  list<float>  $seconds
     */
    private static function between(array $speeds, array $seconds, float $from, float $to): float
    {
        $at = static fn (float $limit): float => $seconds[array_key_first(array_filter($speeds, static fn (float $one): bool => $one <= $limit / 3.6))];

        return $at($to) - $at($from);
    }
}
