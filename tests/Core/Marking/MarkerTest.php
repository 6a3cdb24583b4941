<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class MarkerTest extends TestCase
{
    private const PINS = ['first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    #[TestWith(['coil-open', 'coil-open', 100.0])]
    #[TestWith(['loom-open', 'loom-open', 100.0])]
    #[TestWith(['coil-open', 'loom-open', 30.0])]
    #[TestWith(['loom-open', 'coil-open', 30.0])]
    public function test_a_sound_way_of_working_earns_full_marks_on_its_own_fault_only(string $case, string $script, float $points): void
    {
        $fault = Workbench::json("examples/$case.case.json")['faults'][0];
        $played = Played::on(Workbench::case([[$fault['kind'], $fault['channel'], $fault['conductor'] ?? '']]))
            ->do(...Workbench::json("examples/$script.script.json")['actions']);

        self::assertSame($points, $played->marks()->points());
    }

    public function test_an_unsafe_act_costs_half_and_a_repetition_all(): void
    {
        $unsafe = ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5];
        $played = Played::on(Workbench::case())->do($unsafe);
        self::assertMark(7.5, 'mark.safety.once.unsecured', $played, 'safety');

        self::assertMark(0.0, 'mark.safety.again', $played->do($unsafe), 'safety');
    }

    public function test_opening_the_module_plug_under_power_is_unsafe(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'unplug', 'plug' => 'module-plug']);

        self::assertMark(7.5, 'mark.safety.once.module-plug-live', $played, 'safety');
    }

    public function test_codes_cleared_before_they_were_written_down_are_lost(): void
    {
        $after = [['do' => 'clear-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present']];

        self::assertMark(0.0, 'mark.codes.not-written', $this->codesRead()->do(['do' => 'ignition', 'to' => 'on'], ...$after), 'codes');
        self::assertSame('mark.codes.complete', $this->codesRead()->do(...$after)->marks()->mark('codes')?->verdict->reason, 'with the key off nothing is lost');
    }

    /** What was mended already is not mended again. */
    public function test_the_same_repair_a_second_time_is_needless(): void
    {
        $repair = ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'];
        $played = Played::on(Workbench::case())->secured()->do($repair);
        self::assertNotSame('mark.repair.needless', $played->marks()->mark('repair')?->verdict->reason);

        self::assertSame('mark.repair.needless', $played->do($repair)->marks()->mark('repair')?->verdict->reason);
    }

    public function test_one_of_two_codes_earns_half(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR'], ['coil-open', 'RL']]))
            ->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present']);

        self::assertMark(7.5, 'mark.codes.incomplete', $played, 'codes');
    }

    public function test_a_code_that_was_never_shown_halves_the_points(): void
    {
        $played = $this->codesRead()->do(
            ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'],
            ['do' => 'write-code', 'code' => 'C0035-13', 'status' => 'present'],
        );

        self::assertMark(7.5, 'mark.codes.wrong-entry', $played, 'codes');
    }

    public function test_a_repair_on_the_code_alone_is_unsupported(): void
    {
        $played = $this->codesRead()->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertMark(0.0, 'mark.reading.none', $played, 'reading');
    }

    public function test_a_reading_off_by_a_factor_of_ten_is_a_misreading(): void
    {
        $played = Played::on(Workbench::case([['coil-shorted', 'FR', '', 0.75]]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', ...self::PINS]);
        $played->write(10.0 * ($played->shown()->number('reading')->si ?? 0.0), 'Ω')->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertMark(0.0, 'mark.reading.misread', $played, 'reading');
    }

    public function test_a_reading_said_to_say_nothing_supports_nothing(): void
    {
        $played = $this->measured('says-nothing')->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertMark(0.0, 'mark.reading.none', $played, 'reading');
    }

    public function test_a_cause_not_named_before_the_repair_costs_points(): void
    {
        $played = $this->measured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertMark(17.5, 'mark.reading.not-named', $played, 'reading');
        self::assertMark(20.0, 'mark.repair.misnamed', $played, 'repair');
    }

    /** Each cause that is named gives its part of what naming is worth. */
    #[TestWith([[], 20.0, 'mark.repair.misnamed'])]
    #[TestWith([['sensor'], 22.5, 'mark.repair.named-in-part'])]
    #[TestWith([['loom'], 22.5, 'mark.repair.named-in-part'])]
    #[TestWith([['sensor', 'loom'], 25.0, 'mark.repair.right'])]
    public function test_of_two_causes_each_has_to_be_named(array $named, float $points, string $reason): void
    {
        $cause = static fn (string $channel, string $station, string $defect): array => ['do' => 'name-cause', 'channel' => $channel, 'station' => $station, 'defect' => $defect, 'supports' => [], 'expects' => 'code-stays-away'];
        $causes = ['sensor' => $cause('FR', 'sensor', 'open'), 'loom' => $cause('RL', 'loom', 'open')];
        $played = Played::on(Workbench::case([['coil-open', 'FR'], ['loom-open', 'RL', '1']]))->secured()->do(
            ...[...array_map(static fn (string $one): array => $causes[$one], $named), ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ['do' => 'read-codes'], ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'RL']],
        );

        self::assertMark($points, $reason, $played, 'repair');
    }

    public function test_a_needless_part_costs_half_the_repair(): void
    {
        $played = $this->measured()->do(
            ['do' => 'repair', 'kind' => 'replace-module', 'channel' => 'FR'],
            ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'],
        );

        self::assertMark(12.5, 'mark.repair.needless', $played, 'repair');
    }

    public function test_a_hub_for_a_gap_is_the_dear_way(): void
    {
        $played = Played::on(Workbench::case([['gap-large', 'FR']]))->secured()->do(['do' => 'repair', 'kind' => 'replace-hub', 'channel' => 'FR']);

        self::assertMark(15.0, 'mark.repair.dear', $played, 'repair');
    }

    public function test_proof_is_what_could_have_shown_the_fault_again_and_reading_after_it(): void
    {
        $played = $this->measured()->do(
            ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'],
            ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'],
        );
        self::assertMark(0.0, 'mark.proof.not-cleared', $played, 'proof');
        self::assertMark(0.0, 'mark.proof.not-driven', $played->do(['do' => 'clear-codes']), 'proof');
        self::assertMark(7.5, 'mark.proof.not-read-again', $played->do(['do' => 'road-test']), 'proof');
        self::assertMark(15.0, 'mark.proof.complete', $played->do(['do' => 'read-codes']), 'proof');
    }

    public function test_a_code_that_comes_back_and_is_ignored_proves_nothing(): void
    {
        $played = $this->measured()->do(['do' => 'join', 'plug' => 'FR.sensor-plug'], ['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR'])->proven();

        self::assertMark(0.0, 'mark.proof.ignored', $played, 'proof');
        self::assertMark(0.0, 'mark.repair.still-faulty', $played, 'repair');
        self::assertMark(0.0, 'mark.economy.still-faulty', $played, 'economy');
    }

    public function test_wasted_hours_cost_the_economy(): void
    {
        $played = $this->measured()->do(...array_fill(0, 90, ['do' => 'measure', 'function' => 'ohms', ...self::PINS]))
            ->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'])->proven();
        $mark = $played->marks()->mark('economy');

        self::assertSame('mark.economy.over', $mark?->verdict->reason);
        self::assertLessThan(1.0, $mark->points);
    }

    public function test_an_empty_job_earns_only_its_safety(): void
    {
        self::assertSame(15.0, Played::on(Workbench::case())->do(['do' => 'conclude'])->marks()->points());
    }

    private function codesRead(): Played
    {
        return Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'off']);
    }

    private function measured(string $judgement = 'out'): Played
    {
        return Played::on(Workbench::case())->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', ...self::PINS])
            ->write(null, word: 'open', judgement: $judgement);
    }

    private static function assertMark(float $points, string $reason, Played $played, string $criterion): void
    {
        $mark = $played->marks()->mark($criterion);
        self::assertSame($reason, $mark?->verdict->reason);
        self::assertSame($points, $mark->points);
    }

    public function test_two_faults_need_two_repairs_and_may_cost_both(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR'], ['coil-open', 'RL']]))->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);
        self::assertMark(0.0, 'mark.repair.still-faulty', $played, 'repair');
        $one = $this->par(Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']));

        $cause = static fn (string $channel): array => ['do' => 'name-cause', 'channel' => $channel, 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'];
        $played->do($cause('FR'), $cause('RL'), ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'RL']);
        self::assertMark(25.0, 'mark.repair.right', $played, 'repair');
        // a sensor costs 34 and 38 minutes at 0.9
        self::assertEqualsWithDelta(34.0 + 38.0 * 0.9, $this->par($played) - $one, 1.0);
    }

    private function par(Played $played): float
    {
        return (float) ($played->marks()->mark('economy')->verdict->parameters['par'] ?? 0.0);
    }
}
