<?php

declare(strict_types=1);

namespace Tests\Core\Drive;

use Lernfall\Drive\Drive;
use Lernfall\Drive\DrivingMonitors;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Route;
use Lernfall\Drive\Stretch;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

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
        $drive = Route::Usual->drive();

        self::assertGreaterThan(50.0 / 3.6, $drive->greatestSpeed());
        self::assertGreaterThan(20.0, $drive->secondsBetween(25.0 / 3.6, 35.0 / 3.6));
    }

    public function test_a_drive_over_two_speeds_stops_between_them(): void
    {
        $drive = Drive::over([7.0, [[Ground::Straight, 10.0], [Ground::LeftBend, 4.0]]], [14.0, [[Ground::Bumps, 6.0]]]);

        // away and stop take v/1.4 and v/2: 5 + 3.5 s and 10 + 7 s
        self::assertEqualsWithDelta(8.5 + 14.0 + 17.0 + 6.0, $drive->secondsBetween(0.0, INF), 1e-9);
        self::assertEqualsWithDelta(4.0, $drive->secondsOn(Ground::LeftBend), 1e-9);
        self::assertEqualsWithDelta(6.0, $drive->secondsOn(Ground::Bumps), 1e-9);
        self::assertSame(0.0, $drive->secondsOn(Ground::RightBend));
    }

    /** @return iterable<string, array{Route, list<string>}> what each drive brings on beyond shaking and splashing */
    public static function routes(): iterable
    {
        $shaken = ['wiggle-cable', 'wiggle-sensor-plug', 'wiggle-loom', 'wiggle-module-plug', 'bumps'];
        yield 'usual' => [Route::Usual, ['steering-left', 'steering-right', ...$shaken]];
        yield 'straight' => [Route::Straight, []];
        yield 'left bends' => [Route::LeftBends, ['steering-left']];
        yield 'right bends' => [Route::RightBends, ['steering-right']];
        yield 'bumps' => [Route::Bumps, $shaken];
        yield 'warm-up' => [Route::WarmUp, ['heat']];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('routes')]
    public function test_each_drive_provokes_what_its_ground_does(Route $route, array $expected): void
    {
        $provoked = array_filter(Provocation::cases(), static fn (Provocation $one): bool => $route->provokes($one, HubWarming::cold(Workbench::vehicle()->climate)));

        self::assertEqualsCanonicalizing([...$expected, 'wet', 'vibration'], array_values(array_map(static fn (Provocation $one): string => $one->value, $provoked)));
    }

    public function test_on_every_drive_the_monitors_have_enough_to_go_by(): void
    {
        $monitors = new DrivingMonitors(Workbench::vehicle()->module->monitors, 1.7);
        foreach (Route::cases() as $route) {
            self::assertTrue($monitors->tests(Failure::NoSignal, $route->drive()), $route->value);
            self::assertTrue($monitors->tests(Failure::Erratic, $route->drive()), $route->value);
        }
    }

    /** v² = 2·a·s while pulling away, then s = v·t; school physics. */
    public function test_a_distance_is_reached_in_its_time(): void
    {
        $drive = Drive::straight(14.0, 30.0);
        $early = $drive->afterMetresBetween(0.0, INF, 20.0);
        $late = $drive->afterMetresBetween(0.0, INF, 14.0 ** 2 / 2.8 + 28.0);

        self::assertEqualsWithDelta(sqrt(2.0 * 1.4 * 20.0), $early?->metresPerSecond, 1e-9);
        self::assertEqualsWithDelta(sqrt(2.0 * 20.0 / 1.4), $early?->seconds, 1e-9);
        self::assertEqualsWithDelta(14.0, $late?->metresPerSecond, 1e-9);
        self::assertEqualsWithDelta(10.0 + 2.0, $late?->seconds, 1e-9);
        self::assertNull($drive->afterMetresBetween(0.0, INF, 10000.0));
    }

    public function test_time_in_a_band_counts_on_the_way_up_and_down(): void
    {
        $drive = Drive::straight(14.0, 0.0);
        self::assertEqualsWithDelta($drive->secondsBetween(5.0, 10.0), 5.0 / 1.4 + 5.0 / 2.0, 1e-9);
        $moment = $drive->afterSecondsBetween(5.0, 10.0, 5.0 / 1.4 + 1.0);

        self::assertEqualsWithDelta(10.0 - 2.0 * 1.0, $moment?->metresPerSecond, 1e-9, 'a second into braking below 10 m/s');
        self::assertEqualsWithDelta(10.0 + 2.0 + 1.0, $moment?->seconds, 1e-9);
    }

    public function test_nobody_brakes_while_the_car_gathers_speed(): void
    {
        $drive = Drive::straight(14.0, 5.0);

        self::assertEqualsWithDelta(6.0 / 3.6, $drive->gathersSpeedUnbraked()?->metresPerSecond, 1e-9);
        self::assertNull(Drive::straight(1.0, 60.0)->gathersSpeedUnbraked(), 'a crawl');
        self::assertSame([false, false, true], array_map(static fn (Stretch $one): bool => $one->braked, $drive->stretches));
    }

    public function test_a_free_drive_provokes_what_its_ground_provokes(): void
    {
        $hubs = HubWarming::cold(Workbench::vehicle()->climate);
        $bend = new FreeDrive([[8.0, Ground::Straight, 10.0], [8.0, Ground::LeftBend, 12.0]]);
        self::assertTrue($bend->provokes(Provocation::SteeringLeft, $hubs));
        self::assertFalse($bend->provokes(Provocation::SteeringRight, $hubs));
        self::assertFalse($bend->provokes(Provocation::Heat, $hubs), 'too short to get warm');
        self::assertTrue(FreeDrive::straight(14.0, 600.0)->provokes(Provocation::Heat, $hubs));
        $away = 8.0 / 1.4 + 10.0 + 8.0 / 2.0 + 8.0 / 1.4;
        self::assertEqualsWithDelta($away + 2.0, $bend->shows(Provocation::SteeringLeft, $hubs)?->seconds, 1e-9, 'two seconds into the bend');
    }
}
