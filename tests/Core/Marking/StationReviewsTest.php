<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Worksheet\StationMark;
use Lernfall\Marking\StationReview;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Marks on the strip against what the card made of them, before the first repair. */
final class StationReviewsTest extends TestCase
{
    #[TestWith(['cleared', 0.3, 'over-confident'])]
    #[TestWith(['cleared', 0.05, 'sound'])]
    #[TestWith(['suspect', 0.01, 'groundless'])]
    #[TestWith(['suspect', 0.3, 'sound'])]
    #[TestWith(['open', 0.3, 'sound'])]
    #[TestWith(['open', 0.7, 'missed'])]
    #[TestWith(['not-judged', 0.7, 'missed'])]
    public function test_the_verdicts(string $mark, float $chance, string $verdict): void
    {
        self::assertSame($verdict, (new StationReview('FR', 'sensor', StationMark::from($mark), $chance))->verdict());
    }

    public function test_marks_are_compared_before_the_first_repair(): void
    {
        $mark = static fn (string $station, string $as): array => ['do' => 'mark-station', 'channel' => 'FR', 'station' => $station, 'mark' => $as];
        $played = Played::on(Workbench::case())->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'],
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
        )->write(null, word: 'open')->do($mark('loom', 'suspect'), $mark('ring', 'cleared'));
        $verdicts = static fn (Played $job): array => array_map(static fn (StationReview $one): array => [$one->station, $one->verdict()], $job->marks(Workbench::policy())->stations);

        self::assertSame([], $verdicts($played), 'nothing is decided yet');
        $played->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], $mark('sensor', 'suspect'));
        self::assertSame([['loom', 'groundless'], ['ring', 'sound'], ['sensor', 'missed']], $verdicts($played));
    }
}
