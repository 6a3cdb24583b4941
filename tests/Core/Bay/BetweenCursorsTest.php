<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\BetweenCursors;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedTrace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BetweenCursorsTest extends TestCase
{
    /** A second across, ten periods of a sine of 2 V. */
    private function trace(): ObservedTrace
    {
        return new ObservedTrace(array_map(static fn (int $sample): int => (int) round(80 * sin(2 * M_PI * $sample / 50)), range(0, 499)), 0.002, 0.025);
    }

    public function test_time_frequency_and_level_are_those_between_the_two_places(): void
    {
        $shown = new Observation('traces', ['a.trace' => $this->trace()], null, []);
        self::assertEqualsWithDelta(0.1, $shown->number('between.seconds.100.200')?->si, 0.001);
        self::assertEqualsWithDelta(10.0, $shown->number('between.hertz.100.200')?->si, 0.2);
        self::assertEqualsWithDelta(10.0, $shown->number('between.hertz.200.100')?->si, 0.2, 'whichever comes first');
        self::assertEqualsWithDelta(-4.0, $shown->number('between.volts.25.75')?->si, 0.1, 'from the crest down to the trough');
        self::assertSame('volts', $shown->number('between.volts.25.75')?->unit);
    }

    /** @return array<string, array{string}> */
    public static function nothing(): array
    {
        return ['no such quantity' => ['between.ohms.1.2'], 'beyond the screen' => ['between.volts.0.1001'], 'both at one place' => ['between.hertz.300.300'], 'no places' => ['between.volts']];
    }

    #[DataProvider('nothing')]
    public function test_what_lies_nowhere_is_nothing(string $feature): void
    {
        self::assertNull(BetweenCursors::named($feature)?->on($this->trace()));
    }

    public function test_without_a_trace_there_is_nothing_between(): void
    {
        self::assertNull((new Observation('reading', [], null, []))->number('between.volts.25.75'));
    }
}
