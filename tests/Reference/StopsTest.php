<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Road\Friction;
use Lernfall\Road\RollingCar;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Motion\Resistance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Scipy;

/** The car on its wheels against closed formulas, published curves and a solver of differential equations; no module has a hand in it. */
final class StopsTest extends TestCase
{
    private const RADIUS = 0.3;

    /**
     * Of dry and wet asphalt, snow and ice: Burckhardt's coefficients as Kiencke and Nielsen tabulate them in Automotive Control Systems, and what follows from them.
     *
     * @return iterable<string, array{Surface, float, float, float}>
     */
    public static function curves(): iterable
    {
        yield 'dry' => [Surface::Dry, 1.170, 0.170, 0.760];
        yield 'wet' => [Surface::Wet, 0.801, 0.131, 0.510];
        yield 'snow' => [Surface::Snow, 0.190, 0.060, 0.130];
        yield 'ice' => [Surface::Ice, 0.050, 1.0, 0.050];
        yield 'gravel, which has no published curve and rises up to the locked wheel' => [Surface::Gravel, 0.660, 1.0, 0.660];
    }

    #[DataProvider('curves')]
    public function test_curves_have_the_published_peaks(Surface $surface, float $peak, float $at, float $locked): void
    {
        self::assertEqualsWithDelta($peak, $surface->friction()->peak(), 0.0006);
        self::assertEqualsWithDelta($at, $surface->friction()->peakSlip(), 0.0006);
        self::assertEqualsWithDelta($locked, $surface->friction()->at(1.0), 0.0006);
    }

    /** With every wheel locked and no air the distance is v² / (2·μ·g), school physics. */
    public function test_locked_wheels_stop_as_the_closed_formula_says(): void
    {
        foreach ([Surface::Dry, Surface::Wet, Surface::Snow, Surface::Ice, Surface::Gravel] as $surface) {
            $metresPerSecond = 80.0 / 3.6;
            $car = $this->stopped(new Chassis(1200.0, 2.5, 1.0, 0.5, 1.4, resistance: new Resistance(0.0, 0.0)), Track::of($surface), $metresPerSecond, [20000.0, 20000.0, 20000.0, 20000.0], 0.001);
            $expected = $metresPerSecond ** 2 / (2.0 * $surface->friction()->at(1.0) * RollingCar::GRAVITY);

            self::assertEqualsWithDelta(1.0, $car->metres / $expected, 0.01, $surface->value);
        }
    }

    /** What brakes, rolling, air and slipping tyres take is what the car had. */
    public function test_no_energy_is_lost_or_won(): void
    {
        $chassis = new Chassis(1300.0, 2.6, 1.05, 0.54, 1.48);
        foreach ([[Surface::Dry, [900.0, 900.0, 350.0, 350.0]], [Surface::Dry, [2600.0, 2600.0, 900.0, 900.0]], [Surface::Wet, [900.0, 900.0, 900.0, 900.0]], [Surface::Snow, [300.0, 300.0, 90.0, 90.0]]] as [$surface, $torques]) {
            $car = new RollingCar($chassis, array_fill(0, 4, self::RADIUS), Track::of($surface), 25.0);
            $inertias = [$chassis->frontWheelKilogramSquareMetres, $chassis->frontWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres];
            $energy = static fn (): float => $chassis->massKilograms * $car->metresPerSecond ** 2 / 2.0 + array_sum(array_map(static fn (float $inertia, float $turning): float => $inertia * $turning ** 2 / 2.0, $inertias, $car->turning()));
            $had = $energy();
            $taken = 0.0;
            for ($step = 0; $step < 40000 && $car->metresPerSecond > 0.5; $step++) {
                [$speed, $turning] = [$car->metresPerSecond, $car->turning()];
                $seconds = 0.002;
                $brakes = array_map(static fn (float $torque): float => $torque * min(1.0, $step * $seconds / 0.12), $torques);
                $car->step($brakes, null, $seconds);
                $mean = ($speed + $car->metresPerSecond) / 2.0;
                $taken += $chassis->resistance->airNewtons * $speed ** 2 * $mean * $seconds;
                foreach ($car->turning() as $wheel => $after) {
                    $turned = ($turning[$wheel] + $after) / 2.0;
                    $against = $after > 0.0 ? $brakes[$wheel] + $chassis->resistance->rollingShare * $car->loads[$wheel] * self::RADIUS : self::RADIUS * $car->wheels[$wheel]->force + $inertias[$wheel] * $turning[$wheel] / $seconds;
                    $taken += ($against * $turned + $car->wheels[$wheel]->force * ($mean - $turned * self::RADIUS)) * $seconds;
                }
            }

            self::assertEqualsWithDelta(1.0, ($taken + $energy()) / $had, 0.003, $surface->value);
        }
    }

    /**
     * Uncontrolled stops against scipy's RK45 (Dormand and Prince). The solver's side stands in solvers/stops.py; both sides begin with the same equations, so this checks how they are
     * integrated, not whether they are so.
     */
    public function test_stops_are_within_half_a_percent_of_the_solver(): void
    {
        $chassis = new Chassis(1350.0, 2.6, 1.05, 0.54, 1.48);
        $given = [];
        foreach ([[Surface::Dry, 80.0], [Surface::Dry, 40.0], [Surface::Wet, 80.0], [Surface::Snow, 50.0], [Surface::Gravel, 50.0]] as [$surface, $speed]) {
            foreach (['all roll' => 0.25, 'fronts near the peak' => 0.8, 'fronts lock' => 1.4, 'all lock' => 4.0] as $name => $share) {
                $friction = $surface->friction();
                $torque = $share * $friction->peak() * $chassis->massKilograms * RollingCar::GRAVITY / 4.0 * self::RADIUS;
                $given["$surface->value $speed, $name"] = [$friction, $surface, $speed / 3.6, [1.3 * $torque, 1.3 * $torque, 0.6 * $torque, 0.6 * $torque]];
            }
        }
        $solved = array_combine(array_keys($given), Scipy::solved('stops.py', array_values(array_map(static fn (array $one): array => self::forSolver($chassis, $one[0], $one[2], $one[3]), $given))));
        $off = [];
        foreach ($given as $name => [, $surface, $speed, $torques]) {
            $car = $this->stopped($chassis, Track::of($surface), $speed, $torques, 0.002, 0.3);
            $off[$name] = abs($car->metres / $solved[$name]['metres'] - 1.0);
        }
        arsort($off);

        self::assertCount(20, $off);
        self::assertLessThan(0.005, reset($off), 'the worst: '.json_encode(array_slice($off, 0, 6), JSON_THROW_ON_ERROR));
    }

    /** @param  list<float>  $torques */
    private function stopped(Chassis $chassis, Track $track, float $metresPerSecond, array $torques, float $seconds, float $until = 0.01): RollingCar
    {
        $car = new RollingCar($chassis, array_fill(0, 4, self::RADIUS), $track, $metresPerSecond);
        for ($step = 0; $car->metresPerSecond > $until; $step++) {
            $car->step(array_map(static fn (float $torque): float => $torque * min(1.0, ($step + 0.5) * $seconds / 0.12), $torques), null, $seconds);
        }

        return $car;
    }

    /**
     * @param  list<float>  $torques
     * @return array<string, mixed>
     */
    private static function forSolver(Chassis $chassis, Friction $friction, float $metresPerSecond, array $torques): array
    {
        return [
            'mass' => $chassis->massKilograms, 'wheelbase' => $chassis->wheelbaseMetres, 'behind' => $chassis->gravityBehindFrontAxleMetres, 'height' => $chassis->gravityHeightMetres, 'radius' => self::RADIUS,
            'air' => $chassis->resistance->airNewtons, 'rolling' => $chassis->resistance->rollingShare, 'lag' => $chassis->loadLagSeconds, 'surface' => [$friction->c1, $friction->c2, $friction->c3],
            'inertias' => [$chassis->frontWheelKilogramSquareMetres, $chassis->frontWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres],
            'speed' => $metresPerSecond, 'torques' => $torques, 'rise' => 0.12,
        ];
    }
}
