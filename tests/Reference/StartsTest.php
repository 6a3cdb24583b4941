<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Road\DrivenAxle;
use Lernfall\Road\RollingCar;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Motion\Resistance;
use PHPUnit\Framework\TestCase;

/** A car that pulls away against closed formulas, school physics; no module has a hand in it. */
final class StartsTest extends TestCase
{
    private const RADIUS = 0.3;

    private const ENGINE = 6.0;

    /** While nothing slips, mass and turning parts share the torque: a = (T/R − rolling) / (m + ΣI/R²). */
    public function test_a_car_that_grips_gains_speed_as_the_closed_formula_says(): void
    {
        $chassis = new Chassis(1200.0, 2.5, 1.0, 0.5, 1.4, resistance: new Resistance(0.012, 0.0));
        $car = $this->started($chassis, Track::of(Surface::Dry), 500.0, 3.0);
        $inertia = 1200.0 + (2.0 * $chassis->frontWheelKilogramSquareMetres + 2.0 * $chassis->rearWheelKilogramSquareMetres + self::ENGINE) / self::RADIUS ** 2;
        $expected = (500.0 / self::RADIUS - 0.012 * 1200.0 * RollingCar::GRAVITY) / $inertia * 3.0;

        self::assertEqualsWithDelta(1.0, $car->metresPerSecond / $expected, 0.01);
    }

    /** An open differential gives both wheels the same torque: the one that grips gets no more than the other one takes, to turn against the ice and to spin up. */
    public function test_an_open_differential_gives_both_wheels_the_same_torque(): void
    {
        $chassis = new Chassis(1200.0, 2.5, 1.0, 0.0001, 1.4, resistance: new Resistance(0.0, 0.0));
        $car = $this->started($chassis, Track::split(Surface::Ice, Surface::Dry), 900.0, 3.0);
        $frontWheel = 1200.0 * RollingCar::GRAVITY * 1.5 / 2.5 / 2.0;
        $slippery = Surface::Ice->friction()->at(1.0) * $frontWheel;

        // of its half of the torque the engine keeps a quarter of its inertia times the spin the slippery wheel gains; what is left turns that wheel against the ice, and pushes at the other one
        $wheel = $chassis->frontWheelKilogramSquareMetres;
        $spinsUpBy = (900.0 / 2.0 - $slippery * self::RADIUS) / ($wheel + self::ENGINE / 4.0);
        $half = $slippery * self::RADIUS + $wheel * $spinsUpBy;

        self::assertEqualsWithDelta(1.0, -$car->wheels[0]->force / $slippery, 0.02, 'the wheel on ice');
        self::assertEqualsWithDelta(1.0, -$car->wheels[1]->force / ($half / self::RADIUS), 0.05, 'the wheel that grips, which gains the speed of the car besides');
    }

    private function started(Chassis $chassis, Track $track, float $newtonMetres, float $seconds): RollingCar
    {
        $car = new RollingCar($chassis, array_fill(0, 4, self::RADIUS), $track, 0.0);
        for ($now = 0.0; $now < $seconds - 1e-9; $now += 0.002) {
            $car->step([0.0, 0.0, 0.0, 0.0], new DrivenAxle(0, $newtonMetres, self::ENGINE, $car->wheels[0]->turning, $car->wheels[1]->turning), 0.002);
        }

        return $car;
    }
}
