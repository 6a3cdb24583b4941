<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What comes and goes is drawn for every drive, in whatever way one drives. */
final class DrivesDrawAnewTest extends TestCase
{
    private const CARS = 12;

    private const DRIVES = 4;

    #[TestWith([['do' => 'road-test', 'route' => 'usual']])]
    #[TestWith([['do' => 'record-drive', 'route' => 'usual', 'onCode' => true]])]
    #[TestWith([['do' => 'live-speeds', 'kilometresPerHour' => 60]])]
    public function test_a_repeated_drive_can_turn_out_otherwise(array $drive): void
    {
        $changed = 0;
        for ($car = 1; $car <= self::CARS; $car++) {
            $played = Played::on(Workbench::case([['pigtail-broken', 'FL', '', null, Provocation::Vibration]]), "seed $car")->do(['do' => 'ignition', 'to' => 'running']);
            $found = [];
            for ($time = 1; $time <= self::DRIVES; $time++) {
                $found[] = Workbench::codes($played->do(['do' => 'clear-codes'], $drive, ['do' => 'read-codes'])->shown()) !== [];
            }
            $changed += count(array_unique($found)) - 1;
        }

        self::assertGreaterThan(0, $changed);
    }

    /** Live speeds at rest move nothing, so they draw nothing. */
    public function test_standing_does_not_count_as_a_drive(): void
    {
        $codes = function (int $looks): array {
            $played = Played::on(Workbench::case([['pigtail-broken', 'FL', '', null, Provocation::Vibration]]), 'seed 4')->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes']);
            for ($look = 0; $look < $looks; $look++) {
                $played->do(['do' => 'live-speeds', 'kilometresPerHour' => 0]);
            }

            return Workbench::codes($played->do(['do' => 'road-test'], ['do' => 'read-codes'])->shown());
        };

        self::assertSame($codes(0), $codes(3));
    }

    /** The drive of the check mode is a drive like any other: what comes and goes shows on it as readily. */
    public function test_the_check_run_shows_what_comes_and_goes_as_other_drives_do(): void
    {
        $found = 0;
        for ($car = 1; $car <= self::CARS; $car++) {
            $found += $this->checked("seed $car", [])->shown()->word('level-lamp') === 'stays-on' ? 1 : 0;
        }

        self::assertGreaterThan(self::CARS / 2, $found, 'vibration provokes it on nine drives of ten');
        self::assertLessThan(self::CARS + 1, $found);
    }

    public function test_nobody_holds_a_cable_while_driving(): void
    {
        $held = ['do' => 'provoke', 'how' => 'wiggle-cable', 'channel' => 'FL'];
        $shown = $this->checked('seed 1', [$held], Provocation::WiggleSensorPlug, 'FR');
        $wiggled = $this->checked('seed 1', [['do' => 'provoke', 'how' => 'wiggle-sensor-plug', 'channel' => 'FR']], Provocation::WiggleSensorPlug, 'FR');

        self::assertSame($shown->shown()->values, $wiggled->shown()->values);
        self::assertNull($wiggled->job->car->state->connections->provoked);
    }

    /** @param  list<array<string, mixed>>  $before */
    private function checked(string $seed, array $before, Provocation $how = Provocation::Vibration, string $channel = 'FL'): Played
    {
        return Played::on(Workbench::case([['pigtail-broken', $channel, '', null, $how]], Workbench::vehicle('mirl-10')), $seed)->do(
            ['do' => 'check-connector', 'open' => true], ['do' => 'ignition', 'to' => 'running'],
            ['do' => 'press-pedal', 'times' => 4, 'seconds' => 2.0], ...[...$before, ['do' => 'road-test', 'route' => 'check-run']],
        );
    }
}
