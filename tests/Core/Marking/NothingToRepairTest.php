<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Marking\Mark;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\RepairProspects;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Cases in which no part is at fault, or a hand on a plug was the whole repair; and repairs that only seem to help. */
final class NothingToRepairTest extends TestCase
{
    private const NOTED = [
        ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'history'],
    ];

    public function test_naming_that_nothing_is_wrong_earns_the_repair(): void
    {
        $played = Played::on(Workbench::case([['old-code', 'FR']]))->do(...self::NOTED)->do($this->cause('old-code', [3]));

        self::assertSame(['mark.repair.nothing-needed', 1.0], $this->verdict($played, 'repair'));
        self::assertSame(['mark.reading.cause-rests', 1.0], $this->verdict($played, 'reading'));
    }

    /** With as much still open, to hand the car back at once is not worth it by the sums, and what goes with a diagnosis counts half. */
    public function test_who_hands_back_a_car_without_a_look_at_it_has_found_out_nothing(): void
    {
        $knowledge = new CaseKnowledge(symptoms: [Workbench::catalogue()->symptoms['noise-on-pulling-away']]);
        $sheet = Played::on(Workbench::case([]))->do(['do' => 'conclude'])->marks(Workbench::policy(), $knowledge);

        self::assertFalse($sheet->reviews[0]->isJustified);
        self::assertSame('lucky', $sheet->reviews[0]->verdict(), 'nothing was looked at that could have made it a close call');
        self::assertSame(0.0, $this->share($sheet, 'reasoning'));
        self::assertLessThan(30.0, $sheet->points());
    }

    /** What the customer told of makes that most likely by itself; still nobody has looked. */
    public function test_nor_has_who_believes_a_customer_that_all_is_normal(): void
    {
        $symptoms = Workbench::catalogue()->symptoms;
        $knowledge = new CaseKnowledge(symptoms: [$symptoms['noise-on-pulling-away'], $symptoms['pedal-beats-on-slippery-ground']]);
        $sheet = Played::on(Workbench::case([]))->do(['do' => 'conclude'])->marks(Workbench::policy(), $knowledge);

        self::assertGreaterThan(0.8, $sheet->reviews[0]->prospects->byCard);
        self::assertSame('lucky', $sheet->reviews[0]->verdict());
        self::assertLessThan(30.0, $sheet->points());
    }

    /** Half of it found out, by odds from 1 to 1.41 of the 2 that count as found out: half a close call. */
    public function test_leaving_a_car_is_as_close_a_call_as_was_found_out(): void
    {
        $prospects = static fn (float $shown): RepairProspects => new RepairProspects(0.7, $shown, 0.5, [], 100.0, 95.0, null);

        self::assertSame(0.0, $prospects(0.5)->moved());
        self::assertSame(0.0, $prospects(0.3)->moved());
        self::assertEqualsWithDelta(0.5, $prospects(M_SQRT2 / (1.0 + M_SQRT2))->moved(), 1e-9);
        self::assertSame(1.0, $prospects(0.67)->moved());
        self::assertTrue($prospects(0.67)->wereMoved());
    }

    /** It has yet to be bled then, so the car is another one than before: that puts nothing right. */
    public function test_a_sound_unit_that_is_renewed_was_decided_for(): void
    {
        $sheet = Played::on(Workbench::case([['old-code', 'FR']]))->do(...self::NOTED)->secured()->do(['do' => 'repair', 'kind' => 'replace-hydraulic-unit', 'channel' => 'car'])->marks(Workbench::policy());

        self::assertSame('wrong', $sheet->reviews[0]->verdict());
        self::assertSame(0.0, $this->share($sheet, 'reasoning'));
    }

    public function test_a_part_renewed_on_a_sound_car_is_needless(): void
    {
        $played = Played::on(Workbench::case([['old-code', 'FR']]))->secured()->do(...self::NOTED)->do(
            $this->cause('old-code', []), ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'],
        );

        self::assertSame('mark.repair.needless', $this->verdict($played, 'repair')[0]);
    }

    public function test_saying_nothing_about_a_sound_car_is_not_enough(): void
    {
        $played = Played::on(Workbench::case([['old-code', 'FR']]))->do(...self::NOTED);

        self::assertSame('mark.repair.nothing-misnamed', $this->verdict($played, 'repair')[0]);
        self::assertSame('mark.reading.none', $this->verdict($played, 'reading')[0]);
    }

    public function test_proof_counts_without_a_repair(): void
    {
        $drive = [['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes'], ['do' => 'road-test'], ['do' => 'read-codes']];
        $played = Played::on(Workbench::case([['spun-on-lift', 'FR']]))->do(...self::NOTED)->do(...$drive);

        self::assertSame(['mark.proof.complete', 1.0], $this->verdict($played, 'proof'));
    }

    public function test_tape_is_told_as_what_it_is(): void
    {
        $played = Played::on(Workbench::case([['loom-grounded', 'FR', '1', 0.5]]))->do(...self::NOTED)->do(['do' => 'repair', 'kind' => 'tape-loom', 'channel' => 'FR']);

        self::assertSame(['mark.repair.makeshift', 0.0], $this->verdict($played, 'repair'));
    }

    public function test_a_plug_pushed_home_is_a_repair_and_cleaning_it_besides_is_not_held_against_anyone(): void
    {
        $home = [['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'join', 'plug' => 'FR.sensor-plug']];
        $case = Workbench::case([['plug-unlatched', 'FR']]);
        $cause = $this->cause('not-latched', [], 'sensor-plug');

        self::assertSame('mark.repair.nothing-needed', $this->verdict(Played::on($case)->do(...self::NOTED)->do($cause, ...$home), 'repair')[0]);
        $cleaned = Played::on($case)->do(...self::NOTED)->do($cause, ...$home)->do(['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR']);
        self::assertSame('mark.repair.nothing-needed', $this->verdict($cleaned, 'repair')[0]);
    }

    /** Joining it was the repair: that is what is judged, and nothing is missing beside it, in the examination either. */
    public function test_cleaning_a_plug_that_was_pushed_home_decides_nothing(): void
    {
        $played = Played::on(Workbench::case([['plug-unlatched', 'FR']]))->do(...self::NOTED)->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug'],
            ['do' => 'write-reading', 'of' => 6, 'feature' => 'sight', 'value' => null, 'unit' => '', 'word' => 'catch-open', 'judgement' => 'out', 'comparedWith' => ''],
            $this->cause('not-latched', [7], 'sensor-plug'), ['do' => 'join', 'plug' => 'FR.sensor-plug'], ['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR'], ['do' => 'conclude'],
        );
        $sheet = $played->marks(Workbench::policy('examination'));

        self::assertNull($sheet->reviews[0]->repair, 'the decision is that nothing more is wrong');
        self::assertSame('justified', $sheet->reviews[0]->verdict());
        self::assertSame([1.0, 1.0, 1.0], [$this->share($sheet, 'reasoning'), $this->share($sheet, 'reading'), $this->share($sheet, 'repair')]);
    }

    /** The module takes all its supply and answers nothing: that reading tells it from whatever feeds it. */
    public function test_a_dead_module_is_told_from_a_starved_one(): void
    {
        $played = Played::on(Workbench::case([['module-dead', 'car']]))->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'],
            ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'feed.supply', 'second' => 'feed.ground'],
            ['do' => 'write-reading', 'of' => 3, 'feature' => 'reading', 'value' => 12.43, 'unit' => 'V', 'word' => '', 'judgement' => 'in', 'comparedWith' => 'battery'],
            ['do' => 'name-cause', 'channel' => 'car', 'station' => 'module', 'defect' => 'dead', 'supports' => [4], 'expects' => 'code-stays-away'],
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'repair', 'kind' => 'replace-module', 'channel' => 'FL'],
        );
        self::assertEqualsWithDelta(12.43, $played->job->step(3)?->observation->number('reading')?->si, 0.15);

        self::assertSame(['mark.repair.right', 1.0], $this->verdict($played, 'repair'));
        self::assertSame(['mark.reading.separates', 1.0], $this->verdict($played, 'reading'));
    }

    /**
     * @param  list<int>  $supports
     * @return array<string, mixed>
     */
    private function cause(string $defect, array $supports, string $station = 'nothing'): array
    {
        return ['do' => 'name-cause', 'channel' => 'FR', 'station' => $station, 'defect' => $defect, 'supports' => $supports, 'expects' => 'code-stays-away'];
    }

    private function share(MarkSheet $sheet, string $criterion): float
    {
        return array_values(array_filter($sheet->marks, static fn (Mark $one): bool => $one->criterion === $criterion))[0]->verdict->share;
    }

    /** @return array{string, float} reason and share */
    private function verdict(Played $played, string $criterion): array
    {
        $marks = $played->marks()->marks;
        $mark = array_values(array_filter($marks, static fn (Mark $one): bool => $one->criterion === $criterion))[0];

        return [$mark->verdict->reason, $mark->verdict->share];
    }
}
