<?php

declare(strict_types=1);

namespace Tests\Core\Road;

use Lernfall\Road\RoadRecord;
use Lernfall\Road\StopTask;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;
use Tests\Support\Workbench;

/**
 * Why no monitor judges in a hard stop how quickly a wheel slows down: wheels of a sound car that are about to lock do so more quickly than any rolling wheel could, by the torque of the brake less
 * that of the road over a moment of inertia of about 1 kg m² (school physics).
 */
final class BrakedWheelsTest extends TestCase
{
    private const FASTER_THAN = 10.0 / 3.6;

    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['brack-22'])]
    public function test_sound_wheels_go_beyond_the_limit_in_hard_stops_and_stay_far_from_it_in_gentle_ones(string $id): void
    {
        $limit = Workbench::vehicle($id)->module->monitors->missing->impossibleMetresPerSecondSquared;
        $car = new ClosedGround($id);

        self::assertGreaterThan($limit, $this->quickestFall($car->stop(new StopTask(60.0 / 3.6, Track::of(Surface::Dry), 450.0))), 'hard, on dry road, controlled');
        self::assertGreaterThan(2.0 * $limit, $this->quickestFall($car->stop(new StopTask(40.0 / 3.6, Track::of(Surface::Gravel), 450.0))), 'hard, on gravel, controlled');
        self::assertLessThan($limit / 3.0, $this->quickestFall($car->stop(new StopTask(40.0 / 3.6, Track::of(Surface::Dry), 45.0, 120.0))), 'gently');
    }

    /** In m/s², of any wheel as it is counted, faster than a run. */
    private function quickestFall(RoadRecord $record): float
    {
        $quickest = 0.0;
        foreach (array_slice($record->counted, 1) as $before => $wheels) {
            foreach ($record->metresPerSecond[$before + 1] > self::FASTER_THAN ? $wheels : [] as $wheel => $speed) {
                $quickest = max($quickest, ($record->counted[$before][$wheel] - $speed) / $record->tickSeconds);
            }
        }

        return $quickest;
    }
}
