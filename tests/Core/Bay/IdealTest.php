<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Job\Job;
use Lernfall\Format\ActionReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** A rehearsal with an ideal meter on a car without tolerances, to hold readings against a reference. */
final class IdealTest extends TestCase
{
    #[TestWith(['a'])]
    #[TestWith(['another seed'])]
    public function test_the_coil_reads_what_the_copper_law_says(string $seed): void
    {
        $job = Job::ideally(Workbench::case([['loom-open', 'RL', '1']]), $seed);
        foreach ([['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2']] as $action) {
            $job = $job->do(ActionReader::read($action), Workbench::simulator()->ideal());
        }
        $reading = $job->lastStep()?->observation->number('reading');

        // copper by IEC 60028: 0.00393 a kelvin from 20 °C; the meter's leads have 0.2 Ω
        self::assertEqualsWithDelta(1340.0 * (1.0 + 0.00393 * (Workbench::vehicle()->climate->ambientCelsius - 20.0)) + 0.2, $reading?->si, 1e-6);
        self::assertLessThan(1e-5, $reading?->resolution);
    }

    public function test_a_repeated_trace_is_the_same_to_the_last_digit(): void
    {
        $job = Job::ideally(Workbench::case(), 'a');
        $capture = ['do' => 'capture', 'inputs' => [['first' => 'FL.module-plug.wheel.1', 'second' => 'FL.module-plug.wheel.2', 'voltsPerDivision' => 0.1, 'coupling' => 'ac']], 'secondsPerDivision' => 0.02, 'trigger' => ['input' => 0, 'volts' => 0, 'edge' => 'rising']];
        $traces = [];
        foreach ([['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.5], $capture, $capture] as $action) {
            $job = $job->do(ActionReader::read($action), Workbench::simulator()->ideal());
            $traces[] = $job->lastStep()?->observation->trace('a.trace')?->steps;
        }

        self::assertNotNull($traces[4]);
        self::assertSame($traces[4], $traces[5]);
        self::assertGreaterThan(1000, count(array_unique($traces[4])), 'finer than the steps of any converter');
    }
}
