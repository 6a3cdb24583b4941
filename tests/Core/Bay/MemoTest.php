<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Memo;
use PHPUnit\Framework\TestCase;
use stdClass;

final class MemoTest extends TestCase
{
    public function test_what_is_known_is_not_worked_out_again_and_belongs_to_its_part(): void
    {
        [$one, $other] = [new stdClass, new stdClass];
        $worked = 0;
        $ask = static function (object $part) use (&$worked): int {
            return Memo::with($part, 'how often', static function () use (&$worked): int {
                return ++$worked;
            });
        };

        self::assertSame([1, 1, 2, 1], [$ask($one), $ask($one), $ask($other), $ask($one)]);
    }

    /** Three hundred parts of a thousand answers of a kilobyte each would be 300 MB. */
    public function test_however_many_parts_are_asked_about_memory_stays_bounded(): void
    {
        $parts = array_map(static fn (): stdClass => new stdClass, range(1, 300));
        $before = memory_get_usage();
        [$most, $wrong] = [0, 0];
        foreach ($parts as $number => $part) {
            foreach (range(1, 1000) as $question) {
                $wrong += (int) ! str_starts_with(Memo::with($part, (string) $question, static fn (): string => str_pad("$number/$question ", 1000, '.')), "$number/$question ");
            }
            $most = max($most, memory_get_usage() - $before);
        }

        self::assertSame(0, $wrong);
        self::assertLessThan(130e6, $most);
    }
}
