<?php

declare(strict_types=1);

namespace Tests\Core\Drive;

use Lernfall\Drive\Drive;
use Lernfall\Drive\Stretch;
use PHPUnit\Framework\TestCase;

/** Expected values follow from v = a·t and s = v·t by hand. */
final class DriveTest extends TestCase
{
    public function test_a_ramp_spends_its_time_evenly_over_its_speeds(): void
    {
        $ramp = new Stretch(0.0, 10.0, 5.0);

        self::assertEqualsWithDelta(1.0, $ramp->secondsBetween(4.0, 6.0), 1e-9);
        self::assertEqualsWithDelta(0.0, $ramp->secondsBetween(12.0, 20.0), 1e-9);
        self::assertEqualsWithDelta(5.0, $ramp->secondsBetween(0.0, INF), 1e-9);
    }

    public function test_distance_above_a_speed_is_mean_speed_times_time(): void
    {
        // from 4 to 10 m/s: 3 s at 7 m/s
        self::assertEqualsWithDelta(21.0, (new Stretch(0.0, 10.0, 5.0))->metresAbove(4.0), 1e-9);
        self::assertEqualsWithDelta(200.0, (new Stretch(10.0, 10.0, 20.0))->metresAbove(4.0), 1e-9);
        self::assertEqualsWithDelta(0.0, (new Stretch(10.0, 10.0, 20.0))->metresAbove(11.0), 1e-9);
    }

    public function test_braking_counts_like_pulling_away(): void
    {
        self::assertEqualsWithDelta((new Stretch(0.0, 10.0, 5.0))->metresAbove(3.0), (new Stretch(10.0, 0.0, 5.0))->metresAbove(3.0), 1e-9);
    }

    public function test_a_straight_drive_pulls_away_holds_and_stops(): void
    {
        $drive = Drive::straight(14.0, 20.0);

        self::assertSame(14.0, $drive->greatestSpeed());
        self::assertEqualsWithDelta(20.0, $drive->secondsBetween(14.0, 14.1), 1e-9);
        self::assertEqualsWithDelta(10.0 + 20.0 + 7.0, $drive->secondsBetween(0.0, INF), 1e-9);
    }

    public function test_the_road_test_goes_through_town_and_out_of_it(): void
    {
        $drive = Drive::roadTest();

        self::assertGreaterThan(50.0 / 3.6, $drive->greatestSpeed());
        self::assertGreaterThan(20.0, $drive->secondsBetween(25.0 / 3.6, 35.0 / 3.6));
    }
}
