<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Hydraulics\Pedal;
use Lernfall\Hydraulics\PedalTravel;
use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\VolumeCurve;
use Lernfall\Vehicle\Brakes\WheelBrake;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleUnit;

/**
 * What a foot feels at the pedal of a standing car. The expected lines were written down before the first run, from how such faults are told
 * apart in the trade (common practice, no source).
 */
final class PedalTest extends TestCase
{
    /** Centimetres beyond a sound pedal. */
    private const LOW = 1.0;

    private const SOFT = 0.5;

    private const SINKS = 0.5;

    /** @return array<string, array{HydraulicUnit, MasterCylinder, bool, bool, bool}> low, soft, sinking */
    public static function faults(): array
    {
        $line = SampleUnit::make()->wheels['FL'];
        $first = SampleUnit::make()->circuits['first'];

        return [
            'sound' => [SampleUnit::make(), SampleUnit::master(), false, false, false],
            'air at one wheel' => [SampleUnit::with('FL', ['brake' => new WheelBrake(new VolumeCurve(0.5, 8.0, 0.0065, 12.0), 20.0, 0.5)]), SampleUnit::master(), true, true, false],
            'too much clearance' => [SampleUnit::with('RL', ['brake' => new WheelBrake(new VolumeCurve(1.6, 1.0, 0.003), 8.5, 0.5)]), SampleUnit::master(), true, false, false],
            'leak to the outside' => [SampleUnit::make()->withCircuit('first', new BrakeCircuit(2.0, 0.3, 0.8, 3.5, 140.0, $first->isolation, $first->priming, 0.02)), SampleUnit::master(), false, false, true],
            'master cylinder by-passing' => [SampleUnit::make(), SampleUnit::master()->bypassing(0.02), false, false, true],
            'outlet leaking' => [SampleUnit::with('FL', ['outlet' => new Valve($line->outlet->flow, 0.02)]), SampleUnit::master(), false, false, true],
        ];
    }

    #[DataProvider('faults')]
    public function test_the_pedal_tells_what_is_wrong(HydraulicUnit $unit, MasterCylinder $master, bool $low, bool $soft, bool $sinks): void
    {
        $sound = $this->pressed(SampleUnit::make(), SampleUnit::master());
        $felt = $this->pressed($unit, $master);

        self::assertSame($low, $felt->lightCentimetres - $sound->lightCentimetres > self::LOW, 'low');
        self::assertSame($soft, $felt->givesCentimetres() - $sound->givesCentimetres() > self::SOFT, 'soft');
        self::assertSame($sinks, $felt->sinksCentimetres() > self::SINKS, 'sinking');
    }

    public function test_without_assistance_the_same_foot_presses_less(): void
    {
        $master = SampleUnit::master();
        self::assertEqualsWithDelta(100.0 * 4.0 / 3.8 / 10.0 * 4.0, $master->bar(100.0), 1e-9, 'by hand');
        self::assertEqualsWithDelta($master->bar(100.0) / 4.0, $master->withAssistance(1.0)->bar(100.0), 1e-9);
        self::assertGreaterThan($master->bar(200.0), $master->bar(300.0));
        self::assertLessThan(2.0 * $master->bar(150.0), $master->bar(300.0), 'beyond what the servo can do, only the foot adds');
    }

    public function test_the_pedal_ends_at_the_floor(): void
    {
        self::assertEqualsWithDelta(13.0, SampleUnit::master()->pedalTravelCentimetres(40.0), 1e-9);
    }

    private function pressed(HydraulicUnit $unit, MasterCylinder $master): PedalTravel
    {
        return (new Pedal($master, $unit))->pressed(40.0, 200.0, 5.0);
    }
}
