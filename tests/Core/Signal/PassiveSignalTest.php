<?php

declare(strict_types=1);

namespace Tests\Core\Signal;

use Lernfall\Signal\PassiveSignal;
use Lernfall\Signal\Rotation;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\ToothedRing;
use Lernfall\Vehicle\Tyre;
use PHPUnit\Framework\TestCase;

final class PassiveSignalTest extends TestCase
{
    public function test_amplitude_and_frequency_rise_in_proportion_to_rotation(): void
    {
        $slow = $this->signal(0.0006, 0.5);
        $fast = $this->signal(0.0006, 1.5);

        self::assertEqualsWithDelta(3.0, $fast->peakVolts / $slow->peakVolts, 1e-9);
        self::assertEqualsWithDelta(3.0, $fast->toothHertz / $slow->toothHertz, 1e-9);
        self::assertEqualsWithDelta(23.0, $slow->toothHertz, 1e-9);
    }

    public function test_more_gap_never_gives_more_amplitude(): void
    {
        $last = INF;
        for ($gapMillimetres = 0.1; $gapMillimetres < 3.0; $gapMillimetres += 0.1) {
            $peak = $this->signal($gapMillimetres / 1000.0, 1.0)->peakVolts;
            self::assertLessThan($last, $peak);
            $last = $peak;
        }
    }

    public function test_a_missing_tooth_lowers_the_mean_power_by_its_share(): void
    {
        $whole = $this->signal(0.0006, 1.0);
        $gapped = $this->signal(0.0006, 1.0, 2);

        self::assertEqualsWithDelta($whole->peakVolts, $gapped->peakVolts, 1e-12);
        self::assertEqualsWithDelta(44.0 / 46.0, ($gapped->rmsVolts() / $whole->rmsVolts()) ** 2, 1e-9);
    }

    public function test_a_whole_signal_is_a_sine(): void
    {
        $signal = $this->signal(0.0006, 1.0);

        self::assertEqualsWithDelta($signal->peakVolts / sqrt(2.0), $signal->rmsVolts(), 1e-12);
    }

    /** By hand: 195/55 R15 is 595.5 mm across; rolling at 0.967 of its circumference, 1.809 m; 46 teeth at 50 km/h give 353.1 Hz. */
    public function test_road_speed_and_tooth_frequency_belong_together(): void
    {
        $tyre = Tyre::fromSize('195/55 R15', 0.967);
        $turns = Rotation::turnsPerSecond($tyre, 50.0 / 3.6);

        self::assertEqualsWithDelta(353.1, 46.0 * $turns, 0.3);
        self::assertEqualsWithDelta(50.0 / 3.6, Rotation::speedFromFrequency($tyre, 46, 46.0 * $turns), 1e-9);
    }

    private function signal(float $gapMetres, float $turnsPerSecond, int $missing = 0): PassiveSignal
    {
        return PassiveSignal::of(new PassiveSensor(1340.0, 0.0232, 0.00035), new ToothedRing(46, $missing), $gapMetres, $turnsPerSecond);
    }
}
