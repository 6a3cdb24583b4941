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
