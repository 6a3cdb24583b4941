<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Format\WaveformCsv;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;

final class WaveformCsvTest extends TestCase
{
    #[TestWith(["seconds,volts\n0,1.5\n0.001,2\n0.002,2.5"])]
    #[TestWith(["0,1.5\r\n0.001,2\r\n0.002,2.5\r\n"])]
    #[TestWith(["Zeit;Spannung\n0;1,5\n0,001;2\n0,002;2,5"])]
    #[TestWith(["\"t\",\"v\"\n\"0\",\"1.5\"\n1e-3,2\n2E-3,2.5"])]
    public function test_the_usual_ways_of_writing_it_are_read(string $text): void
    {
        $waveform = WaveformCsv::read($text);

        self::assertEqualsWithDelta(0.001, $waveform->secondsPerSample, 1e-12);
        self::assertSame([[1.5, 2.0, 2.5]], $waveform->inputs);
    }

    public function test_two_inputs_are_read_side_by_side(): void
    {
        self::assertSame([[1.0, 2.0, 3.0], [4.0, 5.0, 6.0]], WaveformCsv::read("0,1,4\n1,2,5\n2,3,6")->inputs);
    }

    #[TestWith(["0,1\n1,two\n2,3", '/2'])]
    #[TestWith(["0,1\n1,2\n2,3,4", '/3'])]
    #[TestWith(["0,1\n1,2\n5,3", '/2'])]
    #[TestWith(["0,1\n1,2", 'at least three'])]
    #[TestWith(["0\n1\n2", '/1'])]
    #[TestWith(["0,1,2,3,4\n1,1,1,1,1\n2,1,1,1,1", '/1'])]
    public function test_a_file_that_is_no_waveform_is_explained_with_its_line(string $text, string $message): void
    {
        self::assertStringContainsString($message, Sentences::ofRefused(static fn () => WaveformCsv::read($text)));
    }
}
