<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Drive\Route;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class RecordingTest extends TestCase
{
    public function test_a_snapshot_shows_the_wheel_that_drops_out_before_its_code_is_set(): void
    {
        $bench = $this->running($this->chafed());
        $shown = $bench->do(new RecordDrive(Route::LeftBends, onCode: true));

        self::assertSame('yes', $shown->word('triggered'));
        self::assertSame('C0034-11', $shown->word('code'));
        self::assertEqualsWithDelta(6.0, $shown->number('at')?->si, 0.1);
        self::assertSame(0, min($shown->series('FR.speed')->steps ?? [1]));
        self::assertGreaterThan(100, min(array_slice($shown->series('FL.speed')->steps ?? [], 20)), 'the other wheels go on turning');
        self::assertSame(['C0034-11' => 'present'], Workbench::codes($bench->do(new ReadCodes)), 'it was a drive like any other');
    }

    public function test_right_bends_trigger_nothing_and_show_nothing(): void
    {
        $shown = $this->running($this->chafed())->do(new RecordDrive(Route::RightBends, onCode: true));

        self::assertSame(['triggered' => 'no'], $shown->values);
    }

    public function test_the_whole_drive_is_kept_where_no_code_is_waited_for(): void
    {
        $shown = $this->running(Workbench::healthyCar('harl-13'))->do(new RecordDrive(Route::Straight, onCode: false));
        $series = $shown->series('RR.speed');

        self::assertSame('whole', $shown->word('triggered'));
        self::assertNotNull($series);
        self::assertEqualsWithDelta(Route::Straight->drive()->seconds(), count($series->steps) * $series->secondsPerSample, 0.2);
    }

    public function test_a_tyre_of_another_size_shows_as_a_steady_difference(): void
    {
        $shown = $this->running(Workbench::withFaultOn('lendo-15', 'tyre-other-size', 'FL'))->do(new RecordDrive(Route::TyreComparison, onCode: false));
        $late = static fn (string $id): float => array_sum(array_slice($shown->series("$id.speed")->steps ?? [], 300, 100)) / 100.0;

        self::assertNotEqualsWithDelta(1.0, $late('FL') / $late('FR'), 0.02);
        self::assertEqualsWithDelta(1.0, $late('RL') / $late('FR'), 0.005);
    }

    private function chafed(): Workbench
    {
        $vehicle = Workbench::vehicle('lendo-15');

        return Workbench::with(Car::true(Workbench::catalogue()->fault($vehicle, 'loom-chafed', 'FR', '1', 0.5)->applyTo($vehicle), $vehicle, 'a'));
    }

    private function running(Workbench $bench): Workbench
    {
        $bench->do(new TurnKey(Ignition::Running));

        return $bench;
    }
}
