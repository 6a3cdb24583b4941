<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\Observation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class ScopeTest extends TestCase
{
    public function test_a_sine_has_the_frequency_of_its_teeth_and_the_meters_root_mean_square(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'RR']]))->secured()->do(
            ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0],
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            $this->capture('FL.sensor-plug.wheel.1', 'FL.sensor-plug.wheel.2', 0.05, 0.02),
        );
        $volts = $this->volts($played->shown());
        $meter = $played->do(['do' => 'measure', 'function' => 'volts-ac', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'])->shown()->number('reading')?->si;

        // one turn a second over 46 teeth
        self::assertEqualsWithDelta(46.0, $this->hertz($volts, 0.2), 1.0);
        self::assertEqualsWithDelta($meter, sqrt(array_sum(array_map(static fn (float $v): float => $v ** 2, $volts)) / count($volts)), 0.006);
    }

    public function test_the_trigger_starts_the_sweep_on_its_edge(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'RR']]))->secured()->do(
            ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
        );
        foreach (['rising' => 1.0, 'falling' => -1.0] as $edge => $sign) {
            $shown = $played->do($this->capture('FL.sensor-plug.wheel.1', 'FL.sensor-plug.wheel.2', 0.05, 0.002, $edge))->shown();
            self::assertSame('found', $shown->word('trigger'));
            $volts = $this->volts($shown);
            self::assertGreaterThan(0.0, $sign * (array_sum(array_slice($volts, 100, 100)) - array_sum(array_slice($volts, 0, 100))));
        }
    }

    public function test_a_standing_wheel_finds_no_trigger_and_still_shows_a_line(): void
    {
        $shown = Played::on(Workbench::case())->do($this->capture('battery.positive', 'battery.negative', 5.0, 0.01))->shown();

        self::assertSame('none', $shown->word('trigger'));
        self::assertEqualsWithDelta(12.5, $shown->number('a.mean')?->si, 0.3);
    }

    public function test_a_missing_tooth_is_a_flat_place_once_a_turn(): void
    {
        $played = Played::on(Workbench::case([['tooth-missing', 'FR', '', 1.0]]))->secured()->do(
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 2.0], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
            $this->capture('FR.sensor-plug.wheel.1', 'FR.sensor-plug.wheel.2', 0.1, 0.1),
        );
        // two turns a second: one second of screen shows two turns of 45 teeth
        self::assertEqualsWithDelta(90.0, $this->hertz($this->volts($played->shown()), 1.0), 1.5);
    }

    public function test_coupling_takes_the_standing_part_away(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'RR']], Workbench::vehicle()))->do($this->capture('battery.positive', 'battery.negative', 5.0, 0.01, coupling: 'ac'));

        self::assertEqualsWithDelta(0.0, $played->shown()->number('a.mean')?->si, 0.1);
    }

    public function test_a_two_wire_sensor_gives_a_square_wave_on_its_return(): void
    {
        $vehicle = Workbench::vehicle('lendo-15');
        $played = Played::on(Workbench::case([['encoder-damaged', 'RR']], $vehicle))->secured()->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.5],
            $this->capture('FL.module-plug.wheel.2', 'body', 0.5, 0.02),
        );
        $volts = $this->volts($played->shown());

        // 7.1 and 14.2 mA over 94 Ω, the sensor's own tolerance left open
        self::assertEqualsWithDelta(0.667, min($volts), 0.08);
        self::assertEqualsWithDelta(1.335, max($volts), 0.12);
        self::assertSame(24.0, round($this->hertz($volts, 0.2, 1.0)));
    }

    public function test_what_goes_beyond_the_screen_is_cut_off(): void
    {
        $shown = Played::on(Workbench::case())->do($this->capture('battery.positive', 'battery.negative', 1.0, 0.01))->shown();

        self::assertSame(4.0, max($this->volts($shown)));
    }

    public function test_another_sweep_at_the_same_pads_costs_no_time(): void
    {
        $played = Played::on(Workbench::case())->do($this->capture('battery.positive', 'body', 5.0, 0.01));
        $first = $played->job->minutes();

        self::assertGreaterThan(0.0, $first);
        self::assertSame($first, $played->do($this->capture('battery.positive', 'body', 2.0, 0.1))->job->minutes());
        self::assertSame(2.0 * $first, $played->do($this->capture('battery.negative', 'body', 2.0, 0.1))->job->minutes());
    }

    public function test_the_same_seed_draws_the_same_noise(): void
    {
        $capture = $this->capture('battery.positive', 'body', 5.0, 0.01);

        self::assertEquals(Played::on(Workbench::case(), 'x')->do($capture)->shown(), Played::on(Workbench::case(), 'x')->do($capture)->shown());
        self::assertNotEquals(Played::on(Workbench::case(), 'x')->do($capture)->shown(), Played::on(Workbench::case(), 'y')->do($capture)->shown());
    }

    /** @return array<string, mixed> */
    private function capture(string $first, string $second, float $voltsPerDivision, float $secondsPerDivision, string $edge = 'rising', string $coupling = 'dc'): array
    {
        return [
            'do' => 'capture', 'inputs' => [['first' => $first, 'second' => $second, 'voltsPerDivision' => $voltsPerDivision, 'coupling' => $coupling]],
            'secondsPerDivision' => $secondsPerDivision, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => $edge],
        ];
    }

    /** @return non-empty-list<float> */
    private function volts(Observation $shown): array
    {
        $trace = $shown->trace('a.trace');
        self::assertNotNull($trace);

        return array_map(static fn (int $step): float => $step * $trace->voltsPerStep, $trace->steps) ?: [0.0];
    }

    /**
     * From the first rise through a level to the last, with a little hysteresis against noise.
     *
     * @param  list<float>  $volts
     */
    private function hertz(array $volts, float $seconds, float $level = 0.0): float
    {
        $rises = [];
        $high = false;
        $margin = (max($volts) - min($volts)) / 8.0;
        foreach ($volts as $sample => $value) {
            if (! $high && $value > $level + $margin) {
                $rises[] = $sample * $seconds / count($volts);
                $high = true;
            } elseif ($high && $value < $level - $margin) {
                $high = false;
            }
        }

        return (count($rises) - 1) / ($rises[count($rises) - 1] - $rises[0]);
    }
}
