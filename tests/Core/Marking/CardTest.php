<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Evidence\Belief\CaseKnowledge;
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

    private const SWAPPED = ['key on', 'codes', 'write codes', 'key off', 'stands', '{"do":"swap-sensors","channel":"FR"}', 'down', 'key running', 'clear', 'drive', 'codes'];

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

    /** A code that went along with the sensor tells it from its loom, for whoever says so. */
    #[TestWith(['write codes moved', 15.0, 10.0, 'mark.judgement.right'])]
    #[TestWith(['write codes', 0.0, 0.0, 'mark.judgement.none'])]
    #[TestWith(['write codes stayed', 0.0, 0.0, 'mark.judgement.change'])]
    public function test_a_code_read_while_sensors_have_changed_places_carries_with_what_became_of_it(string $entry, float $reasoning, float $reading, string $judged): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([['coil-open', 'FR']])), [...self::SWAPPED, $entry, 'key off', 'cause FL sensor open', 'stands', 'fix replace-sensor FL', 'close'])->marks(Workbench::policy());

        self::assertSame([$reasoning, $reading, $judged], [$sheet->mark('reasoning')?->points, $sheet->mark('reading')?->points, $sheet->mark('judgement')?->verdict->reason]);
    }

    public function test_a_code_that_stayed_while_the_sensor_moved_tells_against_the_sensor(): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([['loom-open', 'FR', '1']])), [...self::SWAPPED, 'write codes stayed', 'key off', 'close'])->marks(Workbench::policy());

        self::assertSame('mark.judgement.right', $sheet->mark('judgement')?->verdict->reason);
    }

    /** The part keeps its name on the move: by where it sits, as above, or by where it came from. */
    public function test_a_swapped_sensor_goes_by_the_corner_it_came_from_as_well(): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([['coil-open', 'FR']])), [...self::SWAPPED, 'write codes moved', 'key off', 'cause FR sensor open', 'stands', 'fix replace-sensor FL', 'down', 'prove'])->marks(Workbench::policy());

        self::assertSame(['mark.repair.right', 'mark.reading.separates'], [$sheet->mark('repair')?->verdict->reason, $sheet->mark('reading')?->verdict->reason]);
    }

    /** With a good part on trial the code stays away, and that is said of it. */
    #[TestWith(['write codes gone', 10.0])]
    #[TestWith(['write codes', 0.0])]
    public function test_what_a_known_good_part_showed_carries_once_it_is_judged(string $entry, float $reading): void
    {
        $tried = static fn (bool $fitted): string => (string) json_encode(['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => 'FR', 'fitted' => $fitted]);
        $sheet = Shorthand::play(Played::on(Workbench::case([['coil-open', 'FR']])), ['key on', 'codes', 'write codes', 'key off', 'stands', $tried(true), 'down', 'key running', 'clear', 'drive', 'codes', $entry, 'key off', 'stands', $tried(false), 'cause FR sensor open', 'fix replace-sensor FR', 'close'])->marks(Workbench::policy());

        self::assertSame($reading, $sheet->mark('reading')?->points);
    }

    /** A code that leaves nothing else likely and that no test could better is as good as a reading; one that a test could better is not. */
    #[TestWith(['valve-winding-open', '', 'cause FR hydraulics winding-open', 'fix replace-hydraulic-unit car', 15.0, 'mark.reading.codes-suffice'])]
    #[TestWith(['loom-grounded', '1', 'cause FR loom to-ground', 'fix repair-loom FR', 0.0, 'mark.reading.none'])]
    public function test_where_no_test_would_tell_more_the_codes_are_enough(string $kind, string $wire, string $cause, string $repair, float $points, string $reason): void
    {
        $sheet = Shorthand::play(Played::on(Workbench::case([[$kind, 'FR', $wire]])), ['key on', 'codes', 'write codes', 'key off', $cause, $repair, 'close'])->marks(Workbench::policy('examination'), new CaseKnowledge(lampTold: true));

        self::assertSame([$points, $reason], [$sheet->mark('reading')?->points, $sheet->mark('reading')?->verdict->reason]);
    }
}
