<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Evidence\Belief\WorksheetReading;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What stands on the card counts as it was written. */
final class WorksheetReadingTest extends TestCase
{
    private const SENSOR = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    public function test_a_reading_counts_with_the_value_and_unit_that_were_written(): void
    {
        $written = $this->measured()->write(1.33, 'kΩ', judgement: 'in');
        $value = WorksheetReading::before($written->job, 99)[2]->number('reading');

        self::assertEqualsWithDelta(1330.0, $value?->si, 15.0);
        self::assertFalse($value->overload ?? true);
    }

    public function test_what_was_not_written_does_not_count_and_neither_does_what_says_nothing(): void
    {
        self::assertSame([], WorksheetReading::before($this->measured()->job, 99));
        self::assertSame([], WorksheetReading::before($this->measured()->write(1330.0, 'Ω', judgement: 'says-nothing')->job, 99));
    }

    public function test_only_what_was_written_before_counts(): void
    {
        $written = $this->measured()->write(1330.0, 'Ω');

        self::assertSame([], WorksheetReading::before($written->job, 3));
        self::assertCount(1, WorksheetReading::before($written->job, 4));
    }

    public function test_a_written_overload_is_one(): void
    {
        self::assertTrue(WorksheetReading::before($this->measured()->write(null, word: 'open')->job, 99)[2]->number('reading')?->overload);
    }

    public function test_written_codes_stand_for_the_list_they_were_read_from(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR'], ['coil-open', 'RL']]))->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'],
        );
        $card = WorksheetReading::before($played->job, 99)[2];

        self::assertSame('present', $card->word('C0040-13'));
        self::assertSame('absent', $card->word('C0035-13'));
        self::assertArrayNotHasKey('C0045-13', $card->values, 'a code that was shown and forgotten is left out');
    }

    public function test_a_written_code_has_its_freeze_frame_with_it(): void
    {
        $case = Workbench::case([['loom-chafed', 'FR', '1', 0.5, Provocation::SteeringLeft]], Workbench::vehicle('lendo-15'));
        $read = Played::on($case)->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
        $code = (string) array_key_first(CodesShown::at($read->job->steps[1]) ?? []);
        $frame = array_filter($read->shown()->values, static fn ($feature): bool => str_starts_with((string) $feature, "$code."), ARRAY_FILTER_USE_KEY);
        $card = WorksheetReading::before($read->do(['do' => 'write-code', 'code' => $code, 'status' => 'history'])->job, 99)[2];

        self::assertNotSame([], $frame);
        self::assertEquals($frame, array_intersect_key($card->values, $frame));
    }

    public function test_none_written_over_a_list_of_codes_is_a_misreading(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'none', 'status' => '']);

        self::assertSame('absent', WorksheetReading::before($played->job, 99)[2]->word('C0040-13'));
    }

    private function measured(): Played
    {
        return Played::on(Workbench::case([['loom-open', 'FR', '1']]))->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::SENSOR);
    }
}
