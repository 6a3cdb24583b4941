<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\WorksheetReading;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class SeparationTest extends TestCase
{
    public function test_overload_at_the_open_sensor_speaks_for_the_sensor(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'))
            ->write(null, word: 'open');

        self::assertSame([5], $this->separating($played, 'replace-sensor', 'FR'));
    }

    public function test_the_same_reading_does_not_speak_for_the_loom(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'))
            ->write(null, word: 'open');

        self::assertSame([], $this->separating($played, 'repair-loom', 'FR'));
    }

    public function test_ohms_at_an_unrelated_corner_earn_nothing(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'RL.sensor-plug'], $this->ohms('RL', 'sensor-plug'))
            ->write(2.04, 'kΩ', judgement: 'in');

        self::assertSame([], $this->separating($played, 'replace-sensor', 'FR'));
    }

    /** It leaves plugs and module as likely as the loom; each reading after it has to leave less. */
    public function test_a_sound_sensor_alone_does_not_convict_the_loom(): void
    {
        $played = Played::on(Workbench::case([['loom-open', 'FR', '2']]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'], ['do' => 'ignition', 'to' => 'off'])->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'))
            ->write(1.33, 'kΩ', judgement: 'in');
        self::assertSame([], $this->separating($played, 'repair-loom', 'FR'));
        self::assertSame([], $this->separating($played, 'replace-sensor', 'FR'));

        $played->do(['do' => 'join', 'plug' => 'FR.sensor-plug'], ['do' => 'unplug', 'plug' => 'module-plug'], $this->ohms('FR', 'module-plug'))->write(null, word: 'open')
            ->do(['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug'])->write(null, word: 'pins-clean', judgement: 'in', feature: 'sight')
            ->do(['do' => 'look', 'channel' => 'FR', 'at' => 'module-plug'])->write(null, word: 'pins-clean', judgement: 'in', feature: 'sight');
        self::assertNotSame([], $this->separating($played, 'repair-loom', 'FR'));
        self::assertSame([], $this->separating($played, 'replace-sensor', 'FR'));
    }

    public function test_what_nobody_wrote_down_supports_nothing(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'));

        self::assertSame([], $this->separating($played, 'replace-sensor', 'FR'));
    }

    public function test_a_tooth_that_was_seen_to_be_missing_speaks_for_the_hub(): void
    {
        $played = Played::on(Workbench::case([['tooth-missing', 'FR']]), 'b')->secured()->do(['do' => 'look', 'channel' => 'FR', 'at' => 'ring']);
        self::assertSame('tooth-missing', $played->shown()->word('sight'));

        self::assertSame([4], $this->separating($played->write(null, word: 'tooth-missing', feature: 'sight'), 'replace-hub', 'FR'));
    }

    public function test_a_lamp_that_is_on_speaks_for_no_part(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps']);
        self::assertSame('on', $played->shown()->word('abs'));

        self::assertSame([], $this->separating($played->write(null, word: 'on', feature: 'abs')->secured(), 'replace-sensor', 'FR'));
    }

    /** @return list<int> steps that showed what separates */
    private function separating(Played $played, string $kind, string $channel): array
    {
        $set = array_reduce($played->job->steps, static fn (HypothesisSet $set, Step $step): HypothesisSet => $set->after($step), Workbench::evidence()->of($played->job->case, new CaseKnowledge(lampTold: true))->beginning());
        $steps = array_combine(array_map(static fn (Step $step): int => $step->number, $played->job->steps), $played->job->steps);
        $separated = Workbench::evidence()->of($played->job->case)->separation()->of(new Repair(RepairKind::from($kind), $channel), $set, WorksheetReading::before($played->job, PHP_INT_MAX), $steps);

        return $separated->share > 0.0 ? $separated->steps : [];
    }

    /** @return array<string, string> */
    private function ohms(string $channel, string $plug): array
    {
        return ['do' => 'measure', 'function' => 'ohms', 'first' => "$channel.$plug.wheel.1", 'second' => "$channel.$plug.wheel.2"];
    }
}
