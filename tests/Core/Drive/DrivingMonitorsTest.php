<?php

declare(strict_types=1);

namespace Tests\Core\Drive;

use Lernfall\Drive\Drive;
use Lernfall\Drive\DrivingMonitors;
use Lernfall\Drive\Route;
use Lernfall\Module\Failure;
use Lernfall\Module\SpeedInput;
use Lernfall\Module\SpeedSignal;
use Lernfall\Module\SwitchedSignal;
use Lernfall\Sensor\Passive\RisingSignal;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\MissingSignalLimits;
use Lernfall\Vehicle\Monitors;
use Lernfall\Vehicle\RingDamage;
use Lernfall\Vehicle\RingPatternLimits;
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
        $monitors = $this->monitorsWith(['weakAboveMetresPerSecond' => 2.0]);
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
        self::assertEqualsWithDelta($limits->missing->missingAboveMetresPerSecond + 1.4 * $limits->missing->missingSeconds, $moment->metresPerSecond, 1e-9);
        self::assertEqualsWithDelta($moment->metresPerSecond / 1.4, $moment->seconds, 1e-9, 'it pulls away with 1.4 m/s²');
    }

    /** a = (v² − (v/k)²) / 2p solved for v by hand: p = 0.04 m, a = 60 m/s², one tooth missing (k = 2): v² = 2·0.04·60 / 0.75 = 6.4. */
    public function test_a_gap_is_a_drop_out_from_the_speed_at_which_no_wheel_could_slow_so_hard(): void
    {
        $monitors = $this->monitorsWith(['impossibleMetresPerSecondSquared' => 60.0]);

        self::assertEqualsWithDelta(sqrt(6.4), $monitors->implausibleFrom(2.0, 0.04), 1e-9);
        self::assertEqualsWithDelta(sqrt(4.8), $monitors->implausibleFrom(INF, 0.04), 1e-9, 'a signal that is gone would stop within one pitch');
        self::assertSame(INF, $monitors->implausibleFrom(1.0, 0.04), 'no gap');
    }

    public function test_a_slow_drive_does_not_tell_a_missing_tooth_from_a_wheel_that_slows(): void
    {
        $input = new SpeedInput(new RisingSignal(1.0, 0.058), Teeth::of(Workbench::vehicle()->channel('FL')->withRing(new ToothedRing(46, damage: new RingDamage(missingTeeth: 1)))), 1.0);
        $monitors = $this->monitorsWith(['impossibleMetresPerSecondSquared' => 200.0]); // from 4.4 m/s on this ring

        self::assertFalse($monitors->finds(Failure::Pattern, $input, Drive::straight(4.0, 60.0), 0.0));
        self::assertTrue($monitors->finds(Failure::Pattern, $input, Drive::straight(5.0, 60.0), 0.0));
    }

    public function test_amplitudes_that_swing_with_the_turn_are_a_pattern_where_they_are_watched(): void
    {
        $ring = new ToothedRing(46);
        $swinging = fn (SpeedSignal $signal): SpeedInput => new SpeedInput($signal, Teeth::of(Workbench::vehicle()->channel('FL')->withRing($ring->bent(0.0003))), 1.0);
        $drive = Drive::straight(10.0, 60.0);
        $passive = $swinging(new RisingSignal(5.0, 0.058));

        self::assertEqualsWithDelta(exp(-0.6 / 0.35), $passive->evenness(), 0.01, 'from 0.3 mm nearer to 0.3 mm further');
        self::assertTrue($this->monitorsWith(['leastEvenness' => 0.3])->finds(Failure::Pattern, $passive, $drive, 0.0));
        self::assertFalse($this->monitorsWith(['leastEvenness' => 0.1])->finds(Failure::Pattern, $passive, $drive, 0.0));
        self::assertFalse($this->monitorsWith(['leastEvenness' => 0.0])->finds(Failure::Pattern, $passive, $drive, 0.0), 'not watched');
        self::assertFalse($this->monitorsWith(['leastEvenness' => 0.3])->finds(Failure::Pattern, $swinging(new SwitchedSignal(0.007, 0.014, 0.01)), $drive, 0.0), 'levels do not swing');
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
        $input = new SpeedInput(new RisingSignal($peakVoltSeconds, 0.058), Teeth::of(Workbench::vehicle()->channel('FL')->withRing(new ToothedRing(46, damage: new RingDamage(missingTeeth: $missing)))), 1.0);

        return $this->monitors()->finds($failure, $input, $drive, 0.0);
    }

    /** @param  array<string, float>  $limits */
    private function monitorsWith(array $limits): DrivingMonitors
    {
        $usual = Workbench::vehicle()->module->monitors;
        $changed = static fn (object $group): array => [...get_object_vars($group), ...array_intersect_key($limits, get_object_vars($group))];

        return new DrivingMonitors(new Monitors(
            $usual->standstill, new MissingSignalLimits(...$changed($usual->missing)), new RingPatternLimits(...$changed($usual->pattern)), $usual->thresholdSpread, $usual->deviation,
        ), 1.7);
    }

    private function monitors(): DrivingMonitors
    {
        return new DrivingMonitors(Workbench::vehicle()->module->monitors, 1.7);
    }
}
