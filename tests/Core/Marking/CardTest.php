<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Shorthand;
use Tests\Support\Workbench;

/** An entry counts by what was shown when it was written, with the judgement it needs, as long as it stands. */
final class CardTest extends TestCase
{
    private const START = ['key on', 'codes', 'write codes', 'key off', 'open FR.sensor-plug', 'ohms FR.sensor-plug.wheel.1 FR.sensor-plug.wheel.2'];

    private const END = ['cause FR sensor open', 'stands', 'fix replace-sensor FR', 'close'];

    /** @param  list<string>  $entry */
    #[TestWith([['out'], 15.0, 10.0])]
    #[TestWith([['in'], 0.0, 0.0])]
    #[TestWith([['unsure'], 0.0, 0.0])]
    #[TestWith([['says-nothing'], 0.0, 0.0])]
    #[TestWith([['out = 9999 kΩ'], 0.0, 0.0])]
    #[TestWith([['out', 'strike'], 0.0, 0.0])]
    #[TestWith([['in', 'strike', 'out'], 15.0, 10.0])]
    public function test_what_is_written_carries_the_repair_or_does_not(array $entry, float $reasoning, float $reading): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([['coil-open', 'FR']])), [...self::START, ...$entry, ...self::END])->marks(Workbench::policy());

        self::assertSame([$reasoning, $reading], [$sheet->mark('reasoning')?->points, $sheet->mark('reading')?->points]);
    }

    public function test_an_entry_struck_out_after_the_repair_that_rests_on_it_has_stood_there(): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([['coil-open', 'FR']])), [...self::START, 'in', ...array_slice(self::END, 0, 3), 'strike', 'close'])->marks(Workbench::policy());

        self::assertSame('mark.judgement.wrong', $sheet->mark('judgement')?->verdict->reason);
    }

    /** The code was there when it was written; the list that is empty after the repair does not unmake it. */
    public function test_a_later_list_does_not_unmake_a_code(): void
    {
        $played = Shorthand::play(Played::on(Workbench::case([['plug-unlatched', 'FR']])), ['key on', 'codes', 'write codes', 'key off', 'open FR.sensor-plug', 'join FR.sensor-plug', 'key on', 'codes', 'close']);

        self::assertSame('mark.codes.complete', $played->marks(Workbench::policy())->mark('codes')?->verdict->reason);
    }

    public function test_one_forgotten_step_of_securing_is_one_lapse(): void
    {
        $turn = static fn (string $corner): string => "turn $corner 0.5";
        $two = Shorthand::play(Played::on(Workbench::case()), [$turn('FL'), $turn('FR')])->marks(Workbench::policy());
        $again = Shorthand::play(Played::on(Workbench::case()), [$turn('FL'), $turn('FL')])->marks(Workbench::policy());

        self::assertSame([7.5, 0.0], [$two->mark('safety')?->points, $again->mark('safety')?->points]);
    }
}
