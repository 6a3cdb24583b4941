<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** At a crawl a meter follows the wave, and a sensor that tells standstill does so between two teeth. */
final class CrawlTest extends TestCase
{
    /** By hand: 7.1 and 14.2 mA over 94 Ω are 0.667 and 1.335 V; 48 teeth at 0.01 turns a second come every 2.1 s, and a reading takes 0.4 s. */
    public function test_readings_of_a_creeping_wheel_are_one_level_or_the_other_and_now_and_then_between(): void
    {
        $seen = [];
        $played = $this->creeping(0.01);
        for ($reading = 0; $reading < 40; $reading++) {
            $volts = (float) $played->do(self::RETURN)->shown()->number('reading')?->si;
            self::assertTrue($volts > 0.6 && $volts < 1.45, "$volts V");
            $seen[] = match (true) {
                abs($volts - 0.667) < 0.06 => 'low',
                abs($volts - 1.335) < 0.1 => 'high',
                default => 'between',
            };
        }
        $counts = array_count_values($seen) + ['between' => 0];

        self::assertGreaterThan(7, $counts['low'] ?? 0);
        self::assertGreaterThan(7, $counts['high'] ?? 0);
        self::assertLessThan(20, $counts['between'], 'a reading of 0.4 s catches an edge of a wave of 2.1 s in less than four of ten');
    }

    public function test_least_and_greatest_see_both_levels(): void
    {
        $shown = $this->creeping(0.01)->do(['records' => true] + self::RETURN)->shown();

        self::assertEqualsWithDelta(0.667, $shown->number('least')?->si, 0.06);
        self::assertEqualsWithDelta(1.335, $shown->number('greatest')?->si, 0.1);
    }

    public function test_at_a_usual_pace_it_stands_at_the_mean(): void
    {
        $played = $this->creeping(0.5);
        for ($reading = 0; $reading < 5; $reading++) {
            self::assertEqualsWithDelta(1.001, $played->do(self::RETURN)->shown()->number('reading')?->si, 0.08);
        }
    }

    /** By hand: 48 poles at 0.02 turns a second pass every 1.04 s; after 0.68 s without one it sends 1.3 ms of its upper current. */
    public function test_a_sign_of_life_comes_between_two_teeth_as_well(): void
    {
        $pad = ['first' => 'RL.module-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.2, 'coupling' => 'ac'];
        $played = $this->creeping(0.02, 'RL')->do(['do' => 'capture', 'inputs' => [$pad], 'secondsPerDivision' => 0.5, 'trigger' => ['input' => 0, 'volts' => -0.3, 'edge' => 'falling']]);
        $trace = $played->shown()->trace('a.trace');
        self::assertNotNull($trace?->peaks, 'too short for the samples: peak detection shows them');
        $pulses = [];
        $middle = (min($trace->peaks[0]) + max($trace->peaks[1])) / 2.0;
        foreach ($trace->peaks[0] as $sample => $least) {
            if ($least < $middle && ($sample === 0 || $trace->peaks[0][$sample - 1] >= $middle)) {
                $pulses[] = $sample * $trace->secondsPerSample;
            }
        }
        $gaps = array_map(static fn (int $at): float => $pulses[$at + 1] - $pulses[$at], range(0, count($pulses) - 2));

        self::assertGreaterThan(7, count($pulses), 'five seconds hold nearly five teeth and as many signs of life');
        foreach ($gaps as $at => $gap) {
            self::assertEqualsWithDelta(in_array(round($gap, 1), [0.7], true) ? 0.68 : 1.0 / (48.0 * 0.02) - 0.68, $gap, 0.01, "gap $at");
        }
    }

    private const RETURN = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.module-plug.wheel.2', 'second' => 'body'];

    private function creeping(float $turnsPerSecond, string $corner = 'FL'): Played
    {
        return Played::on(Workbench::case([['tyre-other-size', 'RR']], Workbench::vehicle('lendo-15')))->secured()->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'turn-wheel', 'channel' => $corner, 'turnsPerSecond' => $turnsPerSecond],
        );
    }
}
