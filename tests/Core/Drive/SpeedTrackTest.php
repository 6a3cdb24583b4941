<?php

declare(strict_types=1);

namespace Tests\Core\Drive;

use Lernfall\Drive\Drive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\SpeedTrack;
use Lernfall\Module\SpeedInput;
use Lernfall\Sensor\Passive\RisingSignal;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\RingDamage;
use Lernfall\Vehicle\ToothedRing;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class SpeedTrackTest extends TestCase
{
    private const METRES_PER_TURN = 1.7;

    public function test_a_sound_wheel_follows_the_car(): void
    {
        $speeds = $this->track()->over(Drive::straight(14.0, 10.0), 0.5);

        self::assertCount(54, $speeds, '10 s away, 10 s held, 7 s to a stop');
        self::assertEqualsWithDelta(1.4 * 4.0, $speeds[8], 1e-9);
        self::assertEqualsWithDelta(14.0, $speeds[30], 1e-9);
    }

    public function test_inner_wheels_run_slower_than_outer_ones(): void
    {
        $bend = Drive::over([10.0, [[Ground::LeftBend, 20.0]]]);
        $left = $this->track(side: 'left')->over($bend, 1.0)[15];
        $right = $this->track(side: 'right')->over($bend, 1.0)[15];

        self::assertLessThan(10.0, $left);
        self::assertGreaterThan(10.0, $right);
        self::assertEqualsWithDelta(10.0, ($left + $right) / 2.0, 1e-9);
    }

    /** Signals that differ in nothing a drive shows have one likeness, and one track; others have others. */
    public function test_tracks_of_one_likeness_come_out_alike(): void
    {
        $drive = Drive::over([14.0, [[Ground::Straight, 5.0], [Ground::LeftBend, 5.0]]]);
        $byLikeness = [];
        foreach ([0.02, 0.0201, 0.03, 0.05, 0.2] as $volts) {
            foreach ([0, 3] as $missing) {
                $track = new SpeedTrack(new SpeedInput(new RisingSignal($volts, 0.058), $this->teeth($missing), 1.0), $this->teeth($missing), 'left', self::METRES_PER_TURN);
                $byLikeness[$track->likeness($track->turnsOn($drive, 0.1))][] = $track->over($drive, 0.1);
            }
        }

        self::assertLessThan(10, count($byLikeness));
        self::assertGreaterThan(3, count($byLikeness));
        foreach ($byLikeness as $tracks) {
            self::assertCount(1, array_unique($tracks, SORT_REGULAR));
        }
        self::assertCount(count($byLikeness), array_unique(array_map(static fn (array $tracks): string => serialize($tracks[0]), $byLikeness)));
    }

    public function test_a_weak_signal_is_nothing_until_it_is_counted(): void
    {
        $track = new SpeedTrack(new SpeedInput(new RisingSignal(0.02, 0.058), $this->teeth(0), 1.0), $this->teeth(0), 'left', self::METRES_PER_TURN);
        $speeds = $track->over(Drive::straight(14.0, 5.0), 0.1);

        self::assertSame(0.0, $speeds[30], 'at 4.2 m/s it is still below the 2.9 turns a second it needs');
        self::assertEqualsWithDelta(1.4 * 4.0, $speeds[40], 1e-6);
    }

    /** One tooth of 46 missing: on the mean of whole turns the module counts 45/46 of the speed. */
    public function test_a_missing_tooth_takes_its_share_once_a_turn(): void
    {
        $speeds = array_slice($this->track(missing: 1)->over(Drive::straight(14.0, 40.0), 0.02), 600, 1700);

        self::assertEqualsWithDelta(14.0 * 45 / 46, array_sum($speeds) / count($speeds), 0.02);
        self::assertLessThan(13.0, min($speeds));
        self::assertEqualsWithDelta(14.0, max($speeds), 1e-6);
    }

    public function test_what_acts_in_left_bends_drops_out_there_only(): void
    {
        $drive = Drive::over([10.0, [[Ground::Straight, 10.0], [Ground::LeftBend, 10.0], [Ground::RightBend, 10.0]]]);
        $speeds = $this->track(dropsOutOn: Ground::LeftBend)->over($drive, 0.1);
        $away = (int) round(10.0 / 1.4 / 0.1);
        $zeros = static fn (int $from): int => count(array_filter(array_slice($speeds, $away + $from, 100), static fn (float $one): bool => $one === 0.0));

        self::assertLessThanOrEqual(1, $zeros(0));
        self::assertGreaterThan(10, $zeros(100));
        self::assertLessThanOrEqual(1, $zeros(200));
    }

    private function track(string $side = 'left', int $missing = 0, ?Ground $dropsOutOn = null): SpeedTrack
    {
        return new SpeedTrack(new SpeedInput(new RisingSignal(1.0, 0.058), $this->teeth($missing), 1.0), $this->teeth($missing), $side, self::METRES_PER_TURN, dropsOutOn: $dropsOutOn);
    }

    private function teeth(int $missing): Teeth
    {
        return Teeth::of(Workbench::vehicle()->channel('FL')->withRing(new ToothedRing(46, damage: new RingDamage(missingTeeth: $missing))));
    }
}
