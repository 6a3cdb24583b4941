<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Job\Job;
use Lernfall\Format\ActionReader;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** A pair mended without its twist picks up what the running engine puts into it, and the module counts what passes its threshold. */
final class PickUpTest extends TestCase
{
    /** By hand: 2.05 m pick up 0.16 V along the loop, of which the input gets 0.14 V beside the coil, more than its 58 mV: 1130 Hz on 46 teeth. */
    public function test_a_standing_wheel_seems_to_turn_as_long_as_the_engine_runs(): void
    {
        $car = [['loom-untwisted', 'FR']];
        $on = $this->after('harl-13', $car, ['do' => 'ignition', 'to' => 'on']);
        $running = $this->after('harl-13', $car, ['do' => 'ignition', 'to' => 'running']);
        $open = $this->after('harl-13', $car, ['do' => 'ignition', 'to' => 'running'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug']);

        self::assertSame(0.0, $this->speed($on, 'FR'));
        self::assertEqualsWithDelta(1130.0 / 46.0 * Workbench::vehicle('harl-13')->tyre->rollingCircumferenceMetres(), $this->speed($running, 'FR'), 0.1);
        self::assertSame(0.0, $this->speed($running, 'FL'), 'the other pair is twisted');
        self::assertSame(0.0, $this->speed($open, 'FR'), 'an open loop carries nothing');
    }

    /** Its current does not follow the voltage, and its levels are far apart. */
    public function test_a_current_sensor_does_not_mind(): void
    {
        self::assertSame(0.0, $this->speed($this->after('lendo-15', [['loom-untwisted', 'FR']], ['do' => 'ignition', 'to' => 'running']), 'FR'));
    }

    /**
     * @param  list<array{string, string}>  $faults
     * @param  array<string, mixed>  ...$actions
     */
    private function after(string $car, array $faults, array ...$actions): Job
    {
        $job = Job::ideally(Workbench::case($faults, Workbench::vehicle($car)), 'a');
        foreach ([...$actions, ['do' => 'live-speeds', 'kilometresPerHour' => 0]] as $action) {
            $job = $job->do(ActionReader::read($action), Workbench::simulator()->ideal());
        }

        return $job;
    }

    private function speed(Job $job, string $channel): ?float
    {
        return $job->lastStep()?->observation->number("$channel.speed")?->si;
    }
}
