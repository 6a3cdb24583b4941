<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Sensor\PulseWidth\Pulses;
use Lernfall\Sensor\PulseWidth\PulseWidthSensor;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A pulse-width sensor tells direction, the air gap it has left, and that it is alive, in the length of its pulses. */
final class PulsesTest extends TestCase
{
    #[TestWith([1.0, 90e-6])]
    #[TestWith([-1.0, 170e-6])]
    #[TestWith([0.0, 1300e-6])]
    public function test_the_length_of_a_pulse_tells_how_the_wheel_turns(float $turns, float $seconds): void
    {
        self::assertEqualsWithDelta($seconds, $this->pulseSeconds([['tyre-other-size', 'FL']], $turns), 10e-6);
    }

    public function test_near_the_end_of_its_reach_the_pulses_are_short(): void
    {
        $reach = Workbench::vehicle('lendo-15')->channel('RR');
        self::assertInstanceOf(PulseWidthSensor::class, $reach->sensor);
        $more = 0.93 * $reach->sensor->output->greatestGapMetres - $reach->wheelEnd->gapMetres;

        self::assertEqualsWithDelta(40e-6, $this->pulseSeconds([['gap-large', 'RR', '', $more]], 1.0), 10e-6);
        self::assertEqualsWithDelta(40e-6, $this->pulseSeconds([['gap-large', 'RR', '', $more]], -1.0), 10e-6);
    }

    public function test_the_shorter_of_two_meanings_does_not_depend_on_direction(): void
    {
        $pulses = new Pulses(1.0, 2.0, 0.5, 0.8, 10.0, 100.0);

        self::assertSame([1.0, 2.0, 0.5, 0.5], [$pulses->seconds(false, 0.5), $pulses->seconds(true, 0.5), $pulses->seconds(false, 0.8), $pulses->seconds(true, 0.9)]);
    }

    /** @param  list<array{string, string, 2?: string, 3?: float}>  $faults */
    private function pulseSeconds(array $faults, float $turns): float
    {
        $input = ['first' => 'RR.module-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.2, 'coupling' => 'ac'];
        $played = Played::on(Workbench::case($faults, Workbench::vehicle('lendo-15')))->secured()->do(
            ['do' => 'ignition', 'to' => 'on'],
            ['do' => 'turn-wheel', 'channel' => 'RR', 'turnsPerSecond' => $turns],
            ['do' => 'capture', 'inputs' => [$input], 'secondsPerDivision' => 0.0005, 'trigger' => ['input' => 0, 'volts' => -0.3, 'edge' => 'falling']],
        );
        $trace = $played->shown()->trace('a.trace');
        self::assertNotNull($trace);
        // a pulse draws more current, which pulls the feed down
        $steps = $trace->steps;
        $middle = (min($steps) + max($steps)) / 2.0;
        $length = 0;
        while ($length < count($steps) && $steps[$length] < $middle) {
            $length++;
        }

        return $length * $trace->secondsPerSample;
    }
}
