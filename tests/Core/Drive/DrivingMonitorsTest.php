<?php

declare(strict_types=1);

namespace Tests\Core\Drive;

use Lernfall\Drive\Drive;
use Lernfall\Drive\DrivingMonitors;
use Lernfall\Drive\Route;
use Lernfall\Module\Failure;
use Lernfall\Module\RisingSignal;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Monitors;
use Lernfall\Vehicle\ToothedRing;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class DrivingMonitorsTest extends TestCase
{
    public function test_a_channel_without_signal_is_noticed_above_its_speed_and_time(): void
    {
        self::assertTrue($this->finds(Failure::NoSignal, 0.0, 0, Drive::straight(10.0, 20.0)));
        self::assertFalse($this->finds(Failure::NoSignal, 0.0, 0, Drive::straight(3.0, 60.0)), 'too slow for the monitor');
        self::assertFalse($this->finds(Failure::NoSignal, 1.0, 0, Drive::straight(10.0, 20.0)), 'the signal is strong');
    }

    public function test_a_gap_in_the_ring_is_noticed_after_enough_turns(): void
    {
        self::assertTrue($this->finds(Failure::Pattern, 1.0, 1, Drive::straight(10.0, 20.0)));
        self::assertFalse($this->finds(Failure::Pattern, 1.0, 1, Drive::straight(4.0, 0.1)), 'too few turns');
        self::assertFalse($this->finds(Failure::Pattern, 1.0, 0, Drive::straight(10.0, 20.0)), 'the ring is whole');
        self::assertFalse($this->finds(Failure::Pattern, 0.0, 1, Drive::straight(10.0, 20.0)), 'no signal, no gaps in it');
    }

    public function test_a_wheel_that_is_steadily_off_is_noticed_straight_on_only(): void
    {
        $straight = Drive::straight(15.0, 30.0);
        self::assertNotNull($this->monitors()->strays(0.93, $straight, 0.0));
        self::assertNotNull($this->monitors()->strays(1.07, $straight, 0.0));
        self::assertNull($this->monitors()->strays(0.97, $straight, 0.0), 'tyres wear');
        self::assertNull($this->monitors()->strays(0.93, Route::LeftBends->drive(), 0.0), 'wheels differ in bends');
        self::assertNull($this->monitors()->strays(0.93, Drive::straight(15.0, 2.0), 0.0), 'too short');
    }

    public function test_a_signal_that_comes_late_is_weak_and_one_that_never_comes_is_missing(): void
    {
        $limits = Workbench::vehicle()->module->monitors;
        $monitors = new DrivingMonitors(new Monitors(...[...get_object_vars($limits), 'weakAboveMetresPerSecond' => 2.0]), 1.7);
        $from = static fn (float $metresPerSecond): SpeedInput => new SpeedInput(new RisingSignal(0.058 / ($metresPerSecond / 1.7), 0.058), Teeth::of(Workbench::vehicle()->channel('FL')), 1.0);

        self::assertTrue($monitors->finds(Failure::Weak, $from(2.5), Drive::straight(10.0, 20.0), 0.0));
        self::assertFalse($monitors->finds(Failure::Weak, $from(1.5), Drive::straight(10.0, 20.0), 0.0));
        self::assertFalse($monitors->finds(Failure::Weak, new SpeedInput(new RisingSignal(0.0, 0.058), Teeth::of(Workbench::vehicle()->channel('FL')), 1.0), Drive::straight(10.0, 20.0), 0.0));
    }

    /** Uniform acceleration: v = a·t; school physics. */
    public function test_a_code_is_set_at_the_moment_its_time_is_up(): void
    {
        $limits = Workbench::vehicle()->module->monitors;
        $input = new SpeedInput(new RisingSignal(0.0, 0.058), Teeth::of(Workbench::vehicle()->channel('FL')), 1.0);
        $moment = $this->monitors()->found(Failure::NoSignal, $input, Drive::straight(12.0, 20.0), 0.0);

        self::assertNotNull($moment);
        self::assertEqualsWithDelta($limits->missingAboveMetresPerSecond + 1.4 * $limits->missingSeconds, $moment->metresPerSecond, 1e-9);
        self::assertEqualsWithDelta($moment->metresPerSecond / 1.4, $moment->seconds, 1e-9, 'it pulls away with 1.4 m/s²');
    }

    public function test_standstill_faults_are_not_found_on_the_road(): void
    {
        self::assertFalse($this->finds(Failure::Open, 0.0, 0, Route::Usual->drive()));
        self::assertFalse($this->monitors()->tests(Failure::Open, Route::Usual->drive()));
    }

    public function test_a_crawl_tests_nothing(): void
    {
        self::assertFalse($this->monitors()->tests(Failure::NoSignal, Drive::straight(2.0, 60.0)));
        self::assertFalse($this->monitors()->tests(Failure::Erratic, Drive::straight(2.0, 60.0)));
        self::assertTrue($this->monitors()->tests(Failure::NoSignal, Route::Usual->drive()));
    }

    private function finds(Failure $failure, float $peakVoltSeconds, int $missing, Drive $drive): bool
    {
        $input = new SpeedInput(new RisingSignal($peakVoltSeconds, 0.058), Teeth::of(Workbench::vehicle()->channel('FL')->withRing(new ToothedRing(46, missingTeeth: $missing))), 1.0);

        return $this->monitors()->finds($failure, $input, $drive, 0.0);
    }

    private function monitors(): DrivingMonitors
    {
        return new DrivingMonitors(Workbench::vehicle()->module->monitors, 1.7);
    }
}
