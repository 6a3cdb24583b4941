<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Marking\Entry;
use Lernfall\Marking\Mark;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What is written down is right in value and unit, or it is not. */
final class EntryTest extends TestCase
{
    /** @return array<string, array{float, string, string, bool}> factor on what was shown, unit, judgement, right */
    public static function entries(): array
    {
        return [
            'as shown' => [1.0, 'Ω', 'in', true],
            'in kiloohms' => [0.001, 'kΩ', 'in', true],
            'in megaohms' => [0.000001, 'MΩ', 'out', true],
            'rounded a little' => [1.015, 'Ω', 'in', true],
            'rounded too far' => [1.05, 'Ω', 'in', false],
            'a thousand off' => [1.0, 'kΩ', 'in', false],
            'taken to say nothing' => [1.0, 'Ω', 'says-nothing', false],
            'undecided' => [1.0, 'Ω', 'unsure', true],
        ];
    }

    #[DataProvider('entries')]
    public function test_a_number(float $factor, string $unit, string $judgement, bool $right): void
    {
        $played = $this->measured('FL');
        $shown = $played->shown()->number('reading')->si ?? 0.0;

        self::assertSame($right, $this->isRight($played->write($shown * $factor, $unit, '', $judgement)));
    }

    /** It documents what was seen; where cursors stand is nobody's but one's own, so there is nothing to hold it against. */
    public function test_what_lies_between_cursors_is_as_shown_and_is_not_judged(): void
    {
        $captured = fn (): Played => $this->played()->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'capture', 'inputs' => [['first' => 'FL.module-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'dc']], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']]);
        $seconds = $captured()->shown()->number('between.seconds.100.600')->si ?? 0.0;
        self::assertEqualsWithDelta(0.05, $seconds, 0.0005);
        self::assertTrue($this->isRight($captured()->write(50.0, 'ms', '', 'in', 'between.seconds.100.600')));
        self::assertFalse($this->isRight($captured()->write(80.0, 'ms', '', 'in', 'between.seconds.100.600')));
    }

    public function test_overload_is_written_as_such_and_not_as_a_number(): void
    {
        self::assertTrue($this->isRight($this->measured('FR')->write(null, '', Vocabulary::OVERLOAD)));
        self::assertFalse($this->isRight($this->measured('FR')->write(9999.0, 'kΩ')));
    }

    public function test_a_word_is_the_one_that_was_seen(): void
    {
        $look = ['do' => 'look', 'channel' => 'FL', 'at' => 'ring'];
        $seen = $this->played()->do($look)->shown()->word('sight');

        self::assertTrue($this->isRight($this->played()->do($look)->write(null, '', $seen, 'in', 'sight')));
        self::assertFalse($this->isRight($this->played()->do($look)->write(null, '', "$seen-not", 'in', 'sight')));
    }

    /** @return iterable<string, array{list<string>, bool}> the words beside "%s" for the true one, and whether that is as shown */
    public static function words(): iterable
    {
        yield 'with a harmless mark' => [['%s', 'surface-rust'], true];
        yield 'a harmless mark first' => [['surface-rust', '%s'], true];
        yield 'nothing but a harmless mark, on a sound ring' => [['surface-rust'], true];
        yield 'with another that is not there' => [['%s', 'ring-cracked'], false];
        yield 'one that is not there with a harmless mark' => [['ring-cracked', 'surface-rust'], false];
    }

    /** @param  list<string>  $words */
    #[DataProvider('words')]
    public function test_several_words_for_one_look(array $words, bool $isRight): void
    {
        $played = $this->played()->do(['do' => 'look', 'channel' => 'FL', 'at' => 'ring']);
        $words = array_map(static fn (string $word): string => sprintf($word, $played->shown()->word('sight')), $words);
        $write = fn (array $words): Played => $played->do(['do' => 'write-reading', 'of' => $played->job->lastStep()->number ?? 0, 'feature' => 'sight', 'value' => null, 'unit' => '', 'word' => $words[0], 'judgement' => 'in', 'comparedWith' => '', 'further' => array_slice($words, 1)]);

        self::assertSame($isRight, $this->isRight($write($words)));
    }

    public function test_a_missing_tooth_is_not_written_down_by_its_rust_alone(): void
    {
        $entry = ['do' => 'write-reading', 'of' => 0, 'feature' => 'sight', 'value' => null, 'unit' => '', 'word' => 'surface-rust', 'judgement' => 'in', 'comparedWith' => ''];
        $looked = static fn (int $seed): Played => Played::on(Workbench::case([['tooth-missing', 'FL', '', 1.0]]), "tooth $seed")->secured()->do(['do' => 'look', 'channel' => 'FL', 'at' => 'ring']);
        $played = array_values(array_filter(array_map($looked, range(1, 12)), static fn (Played $one): bool => $one->shown()->word('sight') === 'tooth-missing'))[0] ?? null;
        self::assertNotNull($played);
        $entry['of'] = $played->job->lastStep()->number ?? 0;
        self::assertFalse($this->isRight($played->do($entry)));
        self::assertTrue($this->isRight($played->do(['word' => 'tooth-missing', 'further' => ['surface-rust']] + $entry)));
    }

    public function test_words_of_another_place_are_refused(): void
    {
        $played = $this->played()->do(['do' => 'look', 'channel' => 'FL', 'at' => 'ring']);
        $this->expectExceptionMessage('further: unfit.unknown');
        $played->do(['do' => 'write-reading', 'of' => $played->job->lastStep()->number ?? 0, 'feature' => 'sight', 'value' => null, 'unit' => '', 'word' => 'teeth-even', 'judgement' => 'in', 'comparedWith' => '', 'further' => ['pins-green']]);
    }

    public function test_a_sheet_adds_up_and_finds_its_marks(): void
    {
        $verdict = new Verdict(1.0, null, 'reason', []);
        $sheet = new MarkSheet([new Mark('safety', 15.0, 15, $verdict), new Mark('proof', 7.5, 15, $verdict)]);

        self::assertSame(22.5, $sheet->points());
        self::assertSame(30, $sheet->outOf());
        self::assertSame(7.5, $sheet->mark('proof')?->points);
        self::assertNull($sheet->mark('beauty'));
        self::assertSame(0, (new MarkSheet([]))->outOf());
    }

    private function isRight(Played $played): bool
    {
        $step = $played->job->lastStep();
        self::assertNotNull($step);

        return Entry::of($played->job, $step)->isRight();
    }

    private function measured(string $corner): Played
    {
        return $this->played()->do(
            ['do' => 'unplug', 'plug' => "$corner.sensor-plug"],
            ['do' => 'measure', 'function' => 'ohms', 'first' => "$corner.sensor-plug.wheel.1", 'second' => "$corner.sensor-plug.wheel.2"],
        );
    }

    private function played(): Played
    {
        return Played::on(Workbench::case([['coil-open', 'FR']]))->secured();
    }
}
