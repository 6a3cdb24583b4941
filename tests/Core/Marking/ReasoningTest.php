<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\RepairProspects;
use Lernfall\Marking\RepairReview;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Shorthand;
use Tests\Support\Workbench;

/** Every repair is judged by what was known when it was done. */
final class ReasoningTest extends TestCase
{
    private const SENSOR = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    #[TestWith(['coil-open'])]
    #[TestWith(['loom-open'])]
    #[TestWith(['ground-rusty'])]
    #[TestWith(['old-code'])]
    public function test_the_sound_way_is_right_and_justified(string $example): void
    {
        $case = Workbench::json("examples/$example.case.json");
        $fault = $case['faults'][0];
        $sheet = Played::on(Workbench::case([[$fault['kind'], $fault['channel'], $fault['conductor'] ?? '', ...(isset($fault['strength']) ? [(float) $fault['strength']] : [])]], Workbench::vehicle($case['car'])))
            ->do(...Workbench::json("examples/$example.script.json")['actions'])->marks(Workbench::policy(), new CaseKnowledge(lampTold: true));

        self::assertSame(100.0, $sheet->points());
        self::assertContains($sheet->reviews[0]->verdict(), ['justified', 'close']);
        self::assertCount(count(Workbench::json("examples/$example.script.json")['actions']), $sheet->possible);
    }

    /** A part renewed on the code alone, which happens to be the right one. */
    public function test_right_by_luck_is_told_so_and_halves_the_repair(): void
    {
        $sheet = $this->renewed(Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present']));

        self::assertSame('lucky', $this->review($sheet)->verdict());
        self::assertEqualsWithDelta(0.2, $this->review($sheet)->prospects->byCard, 0.15);
        self::assertSame(0.0, $sheet->mark('reasoning')?->points);
        self::assertSame(20.0 * 0.8 * 0.5, $sheet->mark('repair')?->points, 'the cause was not named either');
        self::assertSame('mark.repair.unsupported', $sheet->mark('repair')->verdict->reason);
        self::assertNotSame([], $this->review($sheet)->prospects->rivals);
        self::assertNotNull($this->review($sheet)->prospects->betterTest);
    }

    /** Everything was shown, nothing was written: the card supports nothing. */
    public function test_who_writes_nothing_down_has_no_support(): void
    {
        $measured = $this->measured(Played::on(Workbench::case()));
        $sheet = $this->renewed($measured);

        self::assertGreaterThan(0.95, $this->review($sheet)->prospects->byShown);
        self::assertLessThan(0.3, $this->review($sheet)->prospects->byCard);
        self::assertSame('unwritten', $this->review($sheet)->verdict());
        self::assertSame(0.0, $sheet->mark('reasoning')?->points);
        self::assertSame(20.0 * 0.8, $sheet->mark('repair')?->points, 'no guess: only the cause was not named');
    }

    public function test_a_reading_that_was_written_supports_what_follows_from_it(): void
    {
        $played = $this->measured(Played::on(Workbench::case()), writes: true);
        $sheet = $this->renewed($played);

        self::assertSame('justified', $this->review($sheet)->verdict());
        self::assertSame(15.0, $sheet->mark('reasoning')?->points);
        self::assertSame(20.0 * 0.8, $sheet->mark('repair')?->points, 'only the cause was not named');
    }

    /** The sensor reads 1330 Ω; 133 Ω is written down, and on that the renewal is sound reasoning. */
    public function test_a_misreading_is_charged_once(): void
    {
        $played = Played::on(Workbench::case([['loom-open', 'FR', '1']]))->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'],
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::SENSOR,
        )->write(133.0, 'Ω');
        $sheet = $this->renewed($played);

        self::assertSame('close', $this->review($sheet)->verdict());
        self::assertLessThan(0.05, $this->review($sheet)->prospects->byShown);
        self::assertGreaterThan(0.0, $sheet->mark('reasoning')?->points);
        self::assertSame(0.0, $sheet->mark('reading')?->points);
        self::assertSame('mark.judgement.none', $sheet->mark('judgement')?->verdict->reason, 'nothing else was written');
    }

    public function test_a_wrong_part_on_the_code_alone_is_wrong(): void
    {
        $sheet = $this->renewed(Played::on(Workbench::case([['loom-open', 'FR', '1']]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present']));

        self::assertSame('wrong', $this->review($sheet)->verdict());
        self::assertSame('mark.reasoning.wrong', $sheet->mark('reasoning')?->verdict->reason);
    }

    /** A code that all but names the cable: cheap enough to repair by the sums, though a meter would tell. */
    public function test_an_examination_demands_a_reading_where_the_workshop_does_not(): void
    {
        $played = Shorthand::play(Played::on(Workbench::case([['loom-chafed', 'FR', '1', 0.5]])), ['key on', 'codes', 'write codes', 'key off', 'fix repair-loom FR', 'close']);
        $workshop = $played->marks(Workbench::policy(), new CaseKnowledge(lampTold: true));
        $examination = $played->marks(Workbench::policy('examination'), new CaseKnowledge(lampTold: true));

        self::assertTrue($this->review($workshop)->isSupported());
        self::assertFalse($this->review($examination)->isSupported());
        self::assertSame('mark.reasoning.unread', $examination->mark('reasoning')?->verdict->reason);

        $sound = Played::on(Workbench::case())->do(...Workbench::json('examples/coil-open.script.json')['actions'])->marks(Workbench::policy('examination'), new CaseKnowledge(lampTold: true));
        self::assertSame((float) $sound->outOf(), $sound->points());
    }

    public function test_an_open_job_decides_nothing(): void
    {
        $sheet = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'])->marks(Workbench::policy());

        self::assertSame([], $sheet->reviews);
        self::assertSame('mark.reasoning.nothing-decided', $sheet->mark('reasoning')?->verdict->reason);
    }

    #[TestWith([true, true, 1.0, false, 'justified'])]
    #[TestWith([false, true, 1.0, false, 'reasonable'])]
    #[TestWith([true, false, 0.4, false, 'close'])]
    #[TestWith([false, false, 1.0, false, 'close'])]
    #[TestWith([true, false, 0.0, false, 'lucky'])]
    #[TestWith([false, false, 0.0, false, 'wrong'])]
    #[TestWith([false, true, 1.0, true, 'harmful'])]
    public function test_the_verdicts(bool $right, bool $justified, float $support, bool $harmful, string $verdict): void
    {
        $review = new RepairReview(1, null, $right, $harmful, $justified, $support, new RepairProspects(0.5, 0.5, 0.5, [], 1.0, 1.0, null));

        self::assertSame($verdict, $review->verdict());
        self::assertSame(in_array($verdict, ['justified', 'reasonable', 'close'], true), $review->isSupported());
    }

    private function measured(Played $played, bool $writes = false): Played
    {
        $played->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
        if ($writes) {
            $played->do(['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present']);
        }
        $played->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::SENSOR);

        return $writes ? $played->write(null, word: 'open') : $played;
    }

    private function renewed(Played $played): MarkSheet
    {
        return $played->do(['do' => 'ignition', 'to' => 'off'])->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'])->proven()->marks(Workbench::policy());
    }

    private function review(MarkSheet $sheet): RepairReview
    {
        return $sheet->reviews[0];
    }
}
