<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use Lernfall\Drive\Ground;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** In the check mode a drive is judged by the speeds it holds, by how straight and how evenly: 6.5 ± 2 and 46 ± 5 km/h on this car. */
final class CheckDriveTest extends TestCase
{
    /** @return array<string, array{list<array{float, string, float}>, string, string}> stretches, then what the lamp does at either speed */
    public static function drives(): array
    {
        return [
            'both held' => [[[6.0, 'straight', 5.0], [46.0, 'straight', 10.0]], 'resumes', 'resumes'],
            'at the edges' => [[[8.5, 'straight', 2.0], [41.0, 'straight', 2.0]], 'resumes', 'resumes'],
            'too fast for the first' => [[[9.0, 'straight', 5.0], [46.0, 'straight', 10.0]], 'spoiled', 'resumes'],
            'passed in less than a second' => [[[46.0, 'straight', 10.0]], 'spoiled', 'resumes'],
            'in a bend' => [[[6.0, 'left-bend', 5.0], [46.0, 'left-bend', 10.0]], 'resumes', 'spoiled'],
            'over bumps, then straight' => [[[6.0, 'bumps', 5.0], [46.0, 'bumps', 10.0], [48.0, 'straight', 3.0]], 'resumes', 'resumes'],
            'never that fast' => [[[6.0, 'straight', 60.0]], 'resumes', 'spoiled'],
            'much faster' => [[[6.0, 'straight', 5.0], [70.0, 'straight', 30.0]], 'resumes', 'spoiled'],
        ];
    }

    /** @param  list<array{float, string, float}>  $stretches */
    #[DataProvider('drives')]
    public function test_a_free_drive_passes_or_spoils_the_check(array $stretches, string $level, string $steady): void
    {
        $shown = $this->checked([['tyre-other-size', 'RR', '', 0.97]], $stretches)->shown();

        self::assertSame([$level, $steady], [$shown->word('level-lamp'), $shown->word('steady-lamp')]);
    }

    /** By hand: a gap 1.6 mm wider leaves exp(−1.6/0.37) = 1.3 % of 146 mV at 5 km/h. */
    public function test_a_weak_signal_stays_on_where_the_speed_was_held_and_says_nothing_where_not(): void
    {
        $weak = [['gap-large', 'FL', '', 0.0016]];

        self::assertSame('stays-on', $this->checked($weak, [[6.0, 'straight', 5.0]])->shown()->word('level-lamp'));
        self::assertSame('spoiled', $this->checked($weak, [[30.0, 'straight', 5.0]])->shown()->word('level-lamp'));
    }

    /**
     * @param  list<array{string, string, 2?: string, 3?: float}>  $faults
     * @param  list<array{float, string, float}>  $stretches
     */
    private function checked(array $faults, array $stretches): Played
    {
        return Played::on(Workbench::case($faults, Workbench::vehicle('mirl-10')))->do(
            ['do' => 'check-connector', 'open' => true], ['do' => 'ignition', 'to' => 'running'], ['do' => 'press-pedal', 'times' => 4, 'seconds' => 2.0],
            ['do' => 'road-test', 'route' => 'free', 'stretches' => array_map(static fn (array $one): array => ['kilometresPerHour' => $one[0], 'ground' => Ground::from($one[1])->value, 'seconds' => $one[2]], $stretches)],
        );
    }
}
