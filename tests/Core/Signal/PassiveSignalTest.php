<?php

declare(strict_types=1);

namespace Tests\Core\Signal;

use Lernfall\Sensor\Passive\PassiveSensor;
use Lernfall\Signal\Rotation;
use Lernfall\Vehicle\ToothedRing;
use Lernfall\Vehicle\Tyre;
use PHPUnit\Framework\TestCase;

final class PassiveSignalTest extends TestCase
{
    public function test_amplitude_rises_in_proportion_to_rotation(): void
    {
        self::assertEqualsWithDelta(3.0, $this->peak(0.0006, 1.5) / $this->peak(0.0006, 0.5), 1e-9);
    }

    public function test_more_gap_never_gives_more_amplitude(): void
    {
        $last = INF;
        for ($gapMillimetres = 0.1; $gapMillimetres < 3.0; $gapMillimetres += 0.1) {
            $peak = $this->peak($gapMillimetres / 1000.0, 1.0);
            self::assertLessThan($last, $peak);
            $last = $peak;
        }
    }

    /** By hand: 195/55 R15 is 595.5 mm across; rolling at 0.967 of its circumference, 1.809 m; 46 teeth at 50 km/h give 353.1 Hz. */
    public function test_road_speed_and_tooth_frequency_belong_together(): void
    {
        $tyre = Tyre::fromSize('195/55 R15', 0.967);
        $turns = Rotation::turnsPerSecond($tyre, 50.0 / 3.6);

        self::assertEqualsWithDelta(353.1, 46.0 * $turns, 0.3);
        self::assertEqualsWithDelta(50.0 / 3.6, Rotation::speedFromFrequency($tyre, 46, 46.0 * $turns), 1e-9);
    }

    private function peak(float $gapMetres, float $turnsPerSecond): float
    {
        return (new PassiveSensor(1340.0, 0.0232, 0.00035))->peakVolts(new ToothedRing(46), $gapMetres, $turnsPerSecond);
    }
}
