<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Belief\CaseKnowledge;
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

        self::assertSame([6], $this->supporting($played, 'replace-sensor', 'FR'));
    }

    public function test_the_same_reading_does_not_speak_for_the_loom(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'))
            ->write(null, word: 'open');

        self::assertSame([], $this->supporting($played, 'repair-loom', 'FR'));
    }

    public function test_ohms_at_an_unrelated_corner_earn_nothing(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'RL.sensor-plug'], $this->ohms('RL', 'sensor-plug'))
            ->write(2.04, 'kΩ', judgement: 'in');

        self::assertSame([], $this->supporting($played, 'replace-sensor', 'FR'));
    }

    public function test_a_sound_sensor_speaks_for_the_rest_of_its_channel(): void
    {
        $played = Played::on(Workbench::case([['loom-open', 'FR', '2']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'))
            ->write(1.33, 'kΩ', judgement: 'in');

        self::assertSame([6], $this->supporting($played, 'repair-loom', 'FR'));
        self::assertSame([], $this->supporting($played, 'replace-sensor', 'FR'));
    }

    public function test_what_nobody_wrote_down_supports_nothing(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->ohms('FR', 'sensor-plug'));

        self::assertSame([], $this->supporting($played, 'replace-sensor', 'FR'));
    }

    public function test_a_tooth_that_was_seen_to_be_missing_speaks_for_the_hub(): void
    {
        $played = Played::on(Workbench::case([['tooth-missing', 'FR']]), 'b')->secured()->do(['do' => 'look', 'channel' => 'FR', 'at' => 'ring']);
        self::assertSame('tooth-missing', $played->shown()->word('sight'));

        self::assertSame([5], $this->supporting($played->write(null, word: 'tooth-missing', feature: 'sight'), 'replace-hub', 'FR'));
    }

    public function test_a_lamp_that_is_on_speaks_for_no_part(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps']);
        self::assertSame('on', $played->shown()->word('abs'));

        self::assertSame([], $this->supporting($played->write(null, word: 'on', feature: 'abs')->secured(), 'replace-sensor', 'FR'));
    }

    /** @return list<int> */
    private function supporting(Played $played, string $kind, string $channel): array
    {
        $repair = (clone $played)->do(['do' => 'repair', 'kind' => $kind, 'channel' => $channel])->job;
        $step = $repair->stepsOf(Repair::class)[0];

        return array_map(
            static fn ($written): int => $written->number,
            (new Separation(Workbench::hypotheses()->of($repair->case, new CaseKnowledge), Workbench::hypotheses()->weighing, Workbench::simulator(), new Remedies(Workbench::simulator())))->supporting($repair, $step),
        );
    }

    /** @return array<string, string> */
    private function ohms(string $channel, string $plug): array
    {
        return ['do' => 'measure', 'function' => 'ohms', 'first' => "$channel.$plug.wheel.1", 'second' => "$channel.$plug.wheel.2"];
    }
}
