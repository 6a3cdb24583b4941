<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Marking\Mark;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Readings are judged by what a sound car shows in the same state; a corner without a code shows it too. */
final class JudgementTest extends TestCase
{
    public function test_out_of_range_is_out_and_in_range_is_in(): void
    {
        self::assertSame(5.0, $this->mark($this->sensor()->write(null, word: 'open', judgement: 'out'))->points);
        self::assertSame(0.0, $this->mark($this->sensor()->write(null, word: 'open', judgement: 'in'))->points);
        self::assertSame('mark.judgement.wrong', $this->mark($this->sensor()->write(null, word: 'open', judgement: 'in'))->verdict->reason);
        self::assertSame(2.5, $this->mark($this->sensor()->write(null, word: 'open', judgement: 'unsure'))->points);
        self::assertSame('mark.judgement.none', $this->mark($this->sensor())->verdict->reason);
    }

    /** 4.8 V at the open plug of the coded corner looks like a reference, and is what a sound corner shows as well. */
    public function test_the_open_plug_is_judged_by_the_other_corner_in_the_same_state(): void
    {
        $alone = $this->openPlug('FL');
        self::assertSame(2.5, $this->mark($alone)->points);

        $compared = $this->openPlug('FL')->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'ignition', 'to' => 'on'], $this->volts('FR'))->write(4.8, 'V', judgement: 'in');
        $mark = $this->mark($compared);
        self::assertSame(5.0, $mark->points);
        self::assertSame('mark.judgement.compared', $mark->verdict->reason);

        $joined = $this->openPlug('FL')->do($this->volts('FR'))->write(12.2, 'V', judgement: 'in');
        self::assertNotSame('mark.judgement.compared', $this->mark($joined)->verdict->reason, 'a joined plug is another state');
    }

    public function test_a_corner_with_a_code_of_its_own_is_no_comparison(): void
    {
        $case = Workbench::case([['sensor-dead', 'FL'], ['sensor-dead', 'FR']], Workbench::vehicle('lendo-15'));
        $played = Played::on($case)->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'ignition', 'to' => 'on'], $this->volts('FL'),
        )->write(4.8, 'V', judgement: 'unsure')->do($this->volts('FR'))->write(4.8, 'V', judgement: 'unsure');

        self::assertSame(2.5, $this->mark($played)->points);
    }

    public function test_before_any_codes_were_read_no_corner_is_known_to_be_without_one(): void
    {
        $played = Played::on(Workbench::case([['sensor-dead', 'FL']], Workbench::vehicle('lendo-15')))->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'ignition', 'to' => 'on'], $this->volts('FL'),
        )->write(4.8, 'V', judgement: 'unsure')->do($this->volts('FR'))->write(4.8, 'V', judgement: 'unsure');

        self::assertSame(2.5, $this->mark($played)->points);
    }

    private function openPlug(string $corner): Played
    {
        return Played::on(Workbench::case([['sensor-dead', 'FL']], Workbench::vehicle('lendo-15')))->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => "$corner.sensor-plug"], ['do' => 'ignition', 'to' => 'on'], $this->volts($corner),
        )->write(4.8, 'V', judgement: 'unsure');
    }

    /** @return array<string, string> */
    private function volts(string $corner): array
    {
        return ['do' => 'measure', 'function' => 'volts-dc', 'first' => "$corner.sensor-plug.module.1", 'second' => 'body'];
    }

    private function sensor(): Played
    {
        return Played::on(Workbench::case())->do(
            ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
        );
    }

    private function mark(Played $played): Mark
    {
        return $played->marks(Workbench::policy())->mark('judgement') ?? self::fail('judged');
    }
}
