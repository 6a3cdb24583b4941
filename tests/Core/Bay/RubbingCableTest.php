<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A cable that has rubbed through lies out of its holders: what it touches is seen at its lock and at ride height, and it is laid clear or comes back. */
final class RubbingCableTest extends TestCase
{
    private const LOOK = ['do' => 'look', 'channel' => 'FR', 'at' => 'cable'];

    #[TestWith(['steering-left', false, true])]
    #[TestWith(['steering-right', false, false])]
    #[TestWith(['steering-left', true, false])]
    public function test_what_it_touches_is_seen_at_its_lock_and_at_ride_height(string $lock, bool $raised, bool $seen): void
    {
        $words = [];
        for ($seed = 1; $seed <= 20; $seed++) {
            $played = Played::on(Workbench::case([['loom-chafed', 'FR', '1', 0.5]]), "car $seed");
            $words[] = ($raised ? $played->secured() : $played->do(['do' => 'secure', 'step' => 'chock']))->do(['do' => 'provoke', 'how' => $lock, 'channel' => 'FR'], self::LOOK)->shown()->word('rubbing');
        }

        self::assertSame($seen, in_array('touches-track-rod', $words, true));
        self::assertContains('runs-clear', [...$words, $seen ? 'runs-clear' : '']);
        self::assertGreaterThanOrEqual($seen ? 14 : 0, count(array_keys($words, 'touches-track-rod', true)));
    }

    public function test_nothing_is_said_of_it_without_a_lock_and_a_sound_cable_runs_clear(): void
    {
        self::assertSame('', Played::on(Workbench::case([['loom-chafed', 'FR', '1', 0.5]]))->do(['do' => 'secure', 'step' => 'chock'], self::LOOK)->shown()->word('rubbing'));
        self::assertSame('runs-clear', Played::on(Workbench::case([['coil-open', 'RR']]))->do(['do' => 'secure', 'step' => 'chock'], ['do' => 'provoke', 'how' => 'steering-left', 'channel' => 'FR'], self::LOOK)->shown()->word('rubbing'));
    }

    public function test_mended_and_not_laid_clear_it_comes_back_and_the_marks_say_so(): void
    {
        $mended = fn (array $how): Played => Played::on(Workbench::case([['loom-chafed', 'FR', '1', 0.5]]))->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'loom', 'defect' => 'to-ground', 'supports' => [], 'expects' => 'code-stays-away'],
            ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR'] + $how,
        );
        $left = $mended(['routes' => false]);
        self::assertSame(43.0, $left->job->lastStep()?->cost->minutes);
        $mark = (clone $left)->proven()->marks()->mark('repair');
        self::assertSame(['mark.repair.comes-back', 'mark.repair.route-it'], [$mark?->verdict->reason, $mark?->verdict->remedy]);
        self::assertSame(12.5, $mark->points);

        foreach ([['routes' => true], []] as $how) {
            $clear = $mended($how);
            self::assertEquals($clear->job->case->sound, $clear->job->car->vehicle);
            self::assertSame('mark.repair.right', $clear->proven()->marks()->mark('repair')?->verdict->reason);
        }
    }

    public function test_only_a_cable_can_be_laid(): void
    {
        $this->expectException(\Lernfall\Bay\Contract\UnfitAction::class);
        Played::on(Workbench::case())->do(['do' => 'repair', 'kind' => 'set-gap', 'channel' => 'FR', 'routes' => false]);
    }
}
