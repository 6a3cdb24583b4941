<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Jumper leads, breakout lead and bench supply. */
final class LeadsTest extends TestCase
{
    /** The sensor of one side on the loom of the other: what is good shows at the module's other channel. */
    public function test_a_jumpered_sensor_is_counted_at_the_other_corner(): void
    {
        $played = $this->jumpered('harl-13', [['tyre-other-size', 'RR']], 'FL', 'FR')->do(['do' => 'live-speeds', 'kilometresPerHour' => 0.0]);

        // by hand: 1.755 m a turn at 2 turns a second
        self::assertEqualsWithDelta(3.51, $played->shown()->number('FR.speed')?->si, 0.05);
        self::assertSame(0.0, $played->shown()->number('FL.speed')?->si, 'its own plug is open');
    }

    #[TestWith(['harl-13', 'coil-open', 0.0])]
    #[TestWith(['harl-13', 'loom-open', 3.51])]
    #[TestWith(['lendo-15', 'sensor-dead', 0.0])]
    public function test_a_jumper_tells_sensor_from_loom(string $car, string $kind, float $expected): void
    {
        $played = $this->jumpered($car, [[$kind, 'FL', '1']], 'FL', 'FR')->do(['do' => 'live-speeds', 'kilometresPerHour' => 0.0]);

        self::assertEqualsWithDelta($expected, (float) $played->shown()->number('FR.speed')?->si, 0.06);
    }

    public function test_an_active_sensor_that_is_jumpered_before_the_key_is_turned_works_over_there(): void
    {
        $played = $this->jumpered('lendo-15', [['loom-open', 'FL', '1']], 'FL', 'FR')->do(['do' => 'live-speeds', 'kilometresPerHour' => 0.0]);
        self::assertGreaterThan(3.0, $played->shown()->number('FR.speed')?->si);

        $codes = Workbench::codes($played->do(['do' => 'read-codes'])->shown());
        self::assertSame(['C0031-13' => 'present'], $codes, 'only its own corner codes: it is unplugged');
    }

    public function test_crossed_leads_kill_an_active_sensor(): void
    {
        $vehicle = Workbench::vehicle('lendo-15');
        $played = Played::on(Workbench::case([['tyre-other-size', 'RR']], $vehicle))->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            ['do' => 'connect-leads', 'leads' => [['first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.module.2'], ['first' => 'FL.sensor-plug.wheel.2', 'second' => 'FL.sensor-plug.module.1']]],
            ['do' => 'ignition', 'to' => 'on'],
        );

        self::assertNotEquals($vehicle, $played->job->car->vehicle->withChannel($vehicle->channel('RR')), 'it died of it');
    }

    public function test_a_lead_across_the_battery_is_pulled_off_at_once(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'connect-leads', 'leads' => [['first' => 'battery.positive', 'second' => 'body']]]);

        self::assertSame('lead-glows', $played->shown()->refusal?->value);
        self::assertSame([], $played->job->car->state->connections->jumpers);
    }

    public function test_joining_the_plug_takes_off_what_sits_on_it(): void
    {
        $played = $this->jumpered('harl-13', [['coil-open', 'RR']], 'FL', 'FR')->do(['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.0], ['do' => 'join', 'plug' => 'FL.sensor-plug']);

        self::assertSame([], $played->job->car->state->connections->jumpers);
    }

    public function test_nobody_drives_with_leads_on_the_car(): void
    {
        $played = Played::on(Workbench::case())->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            ['do' => 'connect-leads', 'leads' => [['first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.module.1']]],
            ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'],
        );

        self::assertSame('leads-connected', $played->shown()->refusal?->value);
    }

    public function test_a_breakout_lead_brings_the_modules_pins_out_with_the_plug_joined(): void
    {
        $read = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.module.1'];
        $played = Played::on(Workbench::case([['module-plug-corroded', 'FR', '1', 3200.0]]))->do(['do' => 'ignition', 'to' => 'on'], $read);
        self::assertSame('pad-out-of-reach', $played->shown()->refusal?->value);

        // by hand: 1340 + 3200 Ω beside the input's 43 kΩ are 4106 Ω; 5 V over those and twice 4.7 kΩ drive 0.370 mA,
        // of which 0.335 mA pass the pin: 1.07 V over its 3200 Ω
        $played->do(['do' => 'fit-breakout', 'fitted' => true], $read);
        self::assertEqualsWithDelta(-1.07, $played->shown()->number('reading')?->si, 0.04);
    }

    public function test_the_bench_supply_makes_an_unplugged_sensor_work_over_its_load(): void
    {
        $played = $this->onTheBench(12.0, 50.0, false);
        self::assertSame('voltage', $played->shown()->word('holds'));
        self::assertEqualsWithDelta(12.0, $played->shown()->number('volts')?->si, 0.05);

        $played->do(
            ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0],
            ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.sensor-plug.wheel.2', 'second' => 'bench.negative'],
        );
        // by hand: the mean of 7.1 and 14.2 mA over 110 Ω is 1.17 V
        self::assertEqualsWithDelta(1.17, $played->shown()->number('reading')?->si, 0.06);
        $played->do(['do' => 'measure', 'function' => 'hertz', 'first' => 'FL.sensor-plug.wheel.2', 'second' => 'bench.negative']);
        self::assertEqualsWithDelta(48.0, $played->shown()->number('reading')?->si, 0.2);
    }

    public function test_reversed_it_kills_the_sensor_and_the_limit_can_save_it(): void
    {
        $killed = $this->onTheBench(12.0, 200.0, true)->do(['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 0.0, 'milliamperes' => 200.0, 'reversed' => true]);
        $after = $killed->do(['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12.0, 'milliamperes' => 200.0, 'reversed' => false]);
        self::assertLessThan(0.001, $after->shown()->number('amperes')?->si, 'it takes nothing any more');

        $saved = $this->onTheBench(12.0, 10.0, true);
        self::assertSame('current', $saved->shown()->word('holds'));
        self::assertEqualsWithDelta(0.01, $saved->shown()->number('amperes')?->si, 0.0005);
        $saved->do(['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12.0, 'milliamperes' => 50.0, 'reversed' => false]);
        self::assertGreaterThan(0.006, $saved->shown()->number('amperes')?->si);
    }

    public function test_a_supply_goes_on_an_open_plug_only(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12.0, 'milliamperes' => 50.0, 'reversed' => false]);

        self::assertSame('plug-joined', $played->shown()->refusal?->value);
    }

    private function onTheBench(float $volts, float $milliamperes, bool $reversed): Played
    {
        return Played::on(Workbench::case([['tyre-other-size', 'RR']], Workbench::vehicle('lendo-15')))->secured()->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            ['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => $volts, 'milliamperes' => $milliamperes, 'reversed' => $reversed],
        );
    }

    /** @param  list<array{string, string, 2?: string}>  $faults */
    private function jumpered(string $car, array $faults, string $from, string $to): Played
    {
        $leads = array_map(static fn (string $pin): array => ['first' => "$from.sensor-plug.wheel.$pin", 'second' => "$to.sensor-plug.module.$pin"], ['1', '2']);

        return Played::on(Workbench::case($faults, Workbench::vehicle($car)))->secured()->do(
            ['do' => 'unplug', 'plug' => "$from.sensor-plug"], ['do' => 'unplug', 'plug' => "$to.sensor-plug"],
            ['do' => 'connect-leads', 'leads' => $leads], ['do' => 'ignition', 'to' => 'on'],
            ['do' => 'turn-wheel', 'channel' => $from, 'turnsPerSecond' => 2.0],
        );
    }
}
