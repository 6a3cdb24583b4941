<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Recorded\DrawnJob;
use Tests\Recorded\Record;
use Tests\Support\Sweep;

/**
 * Drawn jobs show and earn what they did when their hashes were written. After a change that is meant to change them:
 * php tests/Recorded/record.php --write, and raise the revision of the core.
 */
final class RecordedJobsTest extends TestCase
{
    private const SHOWN = 40;

    private const DRIVEN = 12;

    private const MARKED = 3;

    private const MARKED_THOROUGHLY = 60;

    /** @return iterable<string, array{int}> */
    public static function shown(): iterable
    {
        foreach (Sweep::of(range(1, DrawnJob::DRIVEN_FROM - 1), self::SHOWN) as $number) {
            yield "job $number" => [$number];
        }
    }

    /** @return iterable<string, array{int}> */
    public static function driven(): iterable
    {
        foreach (Sweep::of(range(DrawnJob::DRIVEN_FROM, Record::JOBS), self::DRIVEN) as $number) {
            yield "job $number" => [$number];
        }
    }

    /** @return iterable<string, array{int}> */
    public static function marked(): iterable
    {
        foreach (Sweep::of(range(1, self::MARKED_THOROUGHLY), self::MARKED) as $number) {
            yield "job $number" => [$number];
        }
    }

    #[DataProvider('shown')]
    #[DataProvider('driven')]
    public function test_it_shows_the_same(int $number): void
    {
        self::assertSame(Record::kept()[$number]['observations'] ?? null, Record::of($number, false)->hashes()['observations']);
    }

    #[DataProvider('marked')]
    public function test_it_earns_the_same(int $number): void
    {
        self::assertSame(Record::kept()[$number]['marks'] ?? null, Record::of($number, true)->hashes()['marks'] ?? '');
    }
}
