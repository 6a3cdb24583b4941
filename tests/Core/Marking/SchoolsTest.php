<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Job\Job;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Format\PolicyFormat;
use Lernfall\Format\PolicyReader;
use Lernfall\Marking\Mark;
use Lernfall\Marking\MarkSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;
use WeakMap;

/** The same work, marked by different schools. Which schools there are is common practice, no source. */
final class SchoolsTest extends TestCase
{
    /** @var WeakMap<Job, array<string, MarkSheet>>|null  sheets of one job by what the rules change */
    private static ?WeakMap $sheets = null;

    private const OFF = ['do' => 'ignition', 'to' => 'off'];

    private const OPEN = ['do' => 'unplug', 'plug' => 'FR.sensor-plug'];

    private const OHMS = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    private const BATTERY = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative'];

    public function test_who_begins_with_the_least_effort_takes_a_quick_test_first(): void
    {
        $quick = $this->firstTest('least-effort', $this->coded()->do(['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2']));
        self::assertSame([10.0, 'mark.first-test.quick'], [$quick->points, $quick->verdict->reason]);

        $long = $this->firstTest('least-effort', $this->coded()->do(self::OFF)->secured()->do(['do' => 'look', 'channel' => 'FR', 'at' => 'ring'], self::OPEN, self::OHMS));
        self::assertLessThan(10.0, $long->points);

        $idle = $this->firstTest('least-effort', $this->coded()->do(self::BATTERY, self::OFF, self::OPEN, self::OHMS));
        self::assertSame([0.0, 'mark.first-test.tells-nothing', 3], [$idle->points, $idle->verdict->reason, $idle->verdict->step]);
    }

    public function test_who_begins_with_the_most_telling_test_is_judged_by_what_it_tells(): void
    {
        $telling = $this->firstTest('most-telling', $this->coded()->do(self::OFF, self::OPEN, self::OHMS));
        $idle = $this->firstTest('most-telling', $this->coded()->do(self::BATTERY));

        self::assertGreaterThan(5.0, $telling->points);
        self::assertSame('mark.first-test.told-less', $idle->verdict->reason);
        self::assertSame(0.0, $idle->points);
    }

    public function test_without_codes_or_before_a_repair_there_is_no_first_test(): void
    {
        $repaired = $this->coded()->do(self::OFF)->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertSame('mark.first-test.none', $this->firstTest('least-effort', $repaired)->verdict->reason);
        self::assertSame('mark.first-test.no-codes', $this->firstTest('least-effort', Played::on(Workbench::case())->do(self::OPEN, self::OHMS))->verdict->reason);
        self::assertNull($this->marked($repaired, [])->mark('first-test'));
    }

    #[TestWith(['data sheet', 5.0])]
    #[TestWith(['FL, left of it', 5.0])]
    #[TestWith(['RR', 2.5])]
    #[TestWith(['', 2.5])]
    public function test_a_judgement_may_have_to_say_what_it_was_compared_with(string $comparedWith, float $points): void
    {
        $played = $this->coded()->do(self::OFF, self::OPEN, self::OHMS);
        $played->do(['do' => 'write-reading', 'of' => count($played->job->steps), 'feature' => 'reading', 'value' => null, 'unit' => '', 'word' => 'open', 'judgement' => 'out', 'comparedWith' => $comparedWith]);

        self::assertSame($points, $this->marked($played, ['comparing' => 'stated'])->mark('judgement')?->points);
        self::assertSame(5.0, $this->marked($played, [])->mark('judgement')?->points);
    }

    public function test_ohms_on_an_active_sensor_are_weak_or_no_test(): void
    {
        $case = Workbench::case([['loom-open', 'FR', '1']], Workbench::vehicle('lendo-15'));
        $played = Played::on($case)->do(self::OPEN, self::OHMS);
        $shown = $played->shown()->number('reading');
        $played = $shown?->overload === false ? $played->write($shown->si / 1e6, 'MΩ', judgement: 'in') : $played->write(null, word: 'open', judgement: 'in');

        $invalid = $this->marked($played, ['ohmsOnActive' => 'invalid']);
        self::assertSame('mark.judgement.ohms-on-active', $invalid->mark('judgement')?->verdict->reason);
        self::assertSame(0.0, $invalid->mark('judgement')->points);
        self::assertSame(2, $invalid->mistakes['ohms-on-active']);

        $weak = $this->marked($played, []);
        self::assertSame(5.0, $weak->mark('judgement')?->points);
        self::assertArrayNotHasKey('ohms-on-active', $weak->mistakes);
    }

    public function test_two_repairs_at_once_leave_the_cause_open_or_are_forbidden(): void
    {
        $case = Workbench::case([['coil-open', 'FR'], ['coil-open', 'RL']]);
        $repair = static fn (string $corner): array => ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => $corner];
        $blind = Played::on($case)->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], self::OFF)->secured()->do($repair('FR'), $repair('RL'));
        $carried = Played::on($case)->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'], ['do' => 'write-code', 'code' => 'C0045-13', 'status' => 'present'], self::OFF, self::OPEN, self::OHMS)->write(null, word: 'open')
            ->do(['do' => 'unplug', 'plug' => 'RL.sensor-plug'], [...self::OHMS, 'first' => 'RL.sensor-plug.wheel.1', 'second' => 'RL.sensor-plug.wheel.2'])->write(null, word: 'open')
            ->do(...array_map(static fn (string $corner): array => ['do' => 'name-cause', 'channel' => $corner, 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'], ['FR', 'RL']))
            ->secured()->do($repair('FR'), $repair('RL'));

        self::assertSame('mark.repair.unsupported-again', $this->marked($blind, [])->mark('repair')?->verdict->reason);
        $allowed = $this->marked($carried, [])->mark('repair');
        self::assertSame(['mark.repair.right', 20.0], [$allowed?->verdict->reason, $allowed?->points]);
        $forbidden = $this->marked($carried, ['twoRepairs' => 'forbidden'])->mark('repair');
        self::assertSame(['mark.repair.two-forbidden', 10.0], [$forbidden?->verdict->reason, $forbidden?->points]);
    }

    public function test_a_new_sensor_may_go_with_the_cleaning_of_its_plug(): void
    {
        $played = Played::on(Workbench::case([['plug-corroded', 'FR', '1', 30000.0]]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'], self::OFF, self::OPEN, ['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug']);
        self::assertSame('pins-green', $played->shown()->word('sight'));
        $played->write(null, word: 'pins-green', feature: 'sight')->do(['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor-plug', 'defect' => 'corroded', 'supports' => [7], 'expects' => 'code-stays-away'])
            ->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR']);

        $clean = $this->marked($played, []);
        self::assertSame(['mark.repair.unsupported', 5.0], [$clean->mark('repair')?->verdict->reason, $clean->mark('repair')?->points], 'one needless repair, and nothing on the card for it');
        self::assertCount(2, $clean->reviews);
        $renew = $this->marked($played, ['corrodedPlug' => 'renew']);
        self::assertSame(['mark.repair.right', 20.0], [$renew->mark('repair')?->verdict->reason, $renew->mark('repair')?->points]);
        self::assertCount(1, $renew->reviews);
        self::assertArrayNotHasKey('two-at-once', $renew->mistakes);
    }

    public function test_a_sensor_that_was_at_fault_is_judged_whatever_was_cleaned_besides(): void
    {
        $played = $this->coded()->do(self::OFF, self::OPEN, self::OHMS)->write(null, word: 'open')->do(['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'])
            ->secured()->do(['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR'], ['do' => 'read-codes'], ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertCount(2, $this->marked($played, ['corrodedPlug' => 'renew'])->reviews);
        self::assertTrue($this->marked($played, ['corrodedPlug' => 'renew'])->reviews[1]->isRight);
    }

    public function test_a_lamp_that_stays_out_may_be_proof_enough(): void
    {
        $played = $this->coded()->do(self::OFF)->secured()->do(
            ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'],
            ['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes'], ['do' => 'end-session'], ['do' => 'road-test'], ['do' => 'look-at-lamps'],
        );

        self::assertSame('mark.proof.not-read-again', $this->marked($played, [])->mark('proof')?->verdict->reason);
        self::assertSame(['mark.proof.lamp-out', 7.5], [$this->marked($played, ['lampOut' => 'enough'])->mark('proof')?->verdict->reason, $this->marked($played, ['lampOut' => 'enough'])->mark('proof')?->points]);
    }

    public function test_a_cap_needs_an_act_that_was_done_or_tried_again(): void
    {
        $reach = ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5];
        $sound = Workbench::json('examples/coil-open.script.json')['actions'];
        $capped = static fn (Played $played): MarkSheet => $played->marks(PolicyReader::read(Node::root(['safetyCap' => 0.5] + Workbench::json('core/Marking/policies/workshop.json'))), new CaseKnowledge(lampTold: true));

        $once = $capped(Played::on(Workbench::case())->do($reach, ...self::later($sound, 1)));
        self::assertNull($once->cap);
        self::assertGreaterThan(50.0, $once->points());

        $again = $capped(Played::on(Workbench::case())->do($reach, $reach, ...self::later($sound, 2)));
        self::assertSame([2, 50.0], [$again->cap?->step, $again->points()]);
        self::assertSame(1, $capped(Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'unplug', 'plug' => 'module-plug']))->cap?->step - 1);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'points for an order that is not set' => [['weights' => ['first-test' => 5]], '/weights'],
            'an order without points' => [['schools' => ['firstTest' => 'least-effort']], '/weights'],
            'a school nobody follows' => [['schools' => ['comparing' => 'with the stars']], '/schools/comparing'],
            'a cap above all' => [['safetyCap' => 1.5], '/safetyCap'],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_a_policy_that_makes_no_sense_is_refused(array $change, string $pointer): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($pointer);

        PolicyReader::read(Node::root(array_replace_recursive(Workbench::json('core/Marking/policies/workshop.json'), $change)));
    }

    #[TestWith(['workshop'])]
    #[TestWith(['first-year'])]
    #[TestWith(['examination'])]
    public function test_a_policy_survives_being_written_and_read(string $name): void
    {
        $policy = Workbench::policy($name);

        self::assertEquals($policy, PolicyReader::read(Node::root(json_decode(json_encode(PolicyFormat::write($policy), JSON_THROW_ON_ERROR), true))));
    }

    private function coded(): Played
    {
        return Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
    }

    /**
     * A script whose entries name their steps, moved behind some others.
     *
     * @param  list<array<string, mixed>>  $actions
     * @return list<array<string, mixed>>
     */
    private static function later(array $actions, int $by): array
    {
        return array_map(static fn (array $action): array => [
            ...$action,
            ...(isset($action['of']) ? ['of' => $action['of'] + $by] : []),
            ...(isset($action['supports']) ? ['supports' => array_map(static fn (int $one): int => $one + $by, $action['supports'])] : []),
        ], $actions);
    }

    private function firstTest(string $school, Played $played): Mark
    {
        $mark = $this->marked($played, ['firstTest' => $school], ['first-test' => 10])->mark('first-test');
        self::assertNotNull($mark);

        return $mark;
    }

    /**
     * @param  array<string, string>  $schools
     * @param  array<string, int>  $weights
     */
    private function marked(Played $played, array $schools, array $weights = []): MarkSheet
    {
        self::$sheets ??= new WeakMap;
        $sheets = self::$sheets[$played->job] ?? [];
        $changes = ['schools' => $schools, 'weights' => $weights];
        $sheets[serialize($changes)] ??= $played->marks(PolicyReader::read(Node::root(array_replace_recursive(Workbench::json('core/Marking/policies/workshop.json'), $changes))), new CaseKnowledge(lampTold: true));
        self::$sheets[$played->job] = $sheets;

        return $sheets[serialize($changes)];
    }
}
