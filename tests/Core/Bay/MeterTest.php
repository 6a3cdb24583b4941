<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class MeterTest extends TestCase
{
    private const PINS = ['FL.sensor-plug.wheel.1', 'FL.sensor-plug.wheel.2'];

    public function test_it_reads_the_coil_of_an_unplugged_sensor(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('FL.sensor-plug'));

        self::assertEqualsWithDelta(1340.0, $bench->meter(MeterFunction::Ohms, ...self::PINS), 60.0);
    }

    public function test_it_reads_overload_across_an_open_coil(): void
    {
        $bench = Workbench::withFault('coil-open', 'FL');
        $bench->do(new Unplug('FL.sensor-plug'));

        self::assertSame(INF, $bench->meter(MeterFunction::Ohms, ...self::PINS));
    }

    public function test_it_reads_overload_from_a_pin_to_the_body(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('FL.sensor-plug'));

        self::assertSame(INF, $bench->meter(MeterFunction::Ohms, self::PINS[0], 'body'));
    }

    public function test_the_loom_reads_open_from_the_module_plug_when_a_wire_is_broken(): void
    {
        $bench = Workbench::withFault('loom-open', 'FL', '1');
        $bench->do(new Unplug('module-plug'));

        self::assertSame(INF, $bench->meter(MeterFunction::Ohms, 'FL.module-plug.wheel.1', 'FL.module-plug.wheel.2'));
        self::assertEqualsWithDelta(1340.0, $bench->meter(MeterFunction::Ohms, ...self::PINS), 60.0);
    }

    public function test_a_plugged_sensor_reads_wrong_and_is_noted(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On));
        $observation = $bench->do(new Measure(MeterFunction::Ohms, ...self::PINS));

        self::assertSame([Note::OhmsOnLiveCircuit], $observation->notes);
        self::assertGreaterThan(2000.0, $observation->number('reading')?->si);
    }

    public function test_alternating_voltage_follows_the_divider(): void
    {
        $open = $this->alternatingVolts(Workbench::healthy(), true);
        $joined = $this->alternatingVolts(Workbench::healthy(), false);
        $corroded = $this->alternatingVolts(Workbench::withFault('plug-corroded', 'FL', '1', 3200.0), false);

        // 4.7 kΩ + 4.7 kΩ beside 43 kΩ is 7.71 kΩ; with 1.34 kΩ of coil that leaves 0.852 of the open voltage
        self::assertEqualsWithDelta(0.852, $joined / $open, 0.01);
        self::assertEqualsWithDelta(7713.0 / (7713.0 + 1340.0 + 3200.0), $corroded / $open, 0.01);
    }

    public function test_the_modules_own_pins_are_out_of_reach_while_its_plug_is_joined(): void
    {
        $observation = Workbench::healthy()->do(new Measure(MeterFunction::VoltsDc, 'FL.module-plug.module.1', 'body'));

        self::assertSame('pad-out-of-reach', $observation->refusal?->value);
    }

    public function test_turning_a_wheel_on_an_unsecured_car_is_refused(): void
    {
        self::assertSame('unsecured', Workbench::healthy()->do(new TurnWheel('FL', 0.5))->refusal?->value);
    }

    public function test_the_same_seed_shows_the_same_number_and_a_repetition_only_new_noise(): void
    {
        $first = Workbench::healthy();
        $again = Workbench::healthy();
        $first->do(new Unplug('FL.sensor-plug'));
        $again->do(new Unplug('FL.sensor-plug'));

        self::assertSame($first->meter(MeterFunction::Ohms, ...self::PINS), $again->meter(MeterFunction::Ohms, ...self::PINS));
        self::assertEqualsWithDelta($first->meter(MeterFunction::Ohms, ...self::PINS), $again->meter(MeterFunction::Ohms, ...self::PINS), 4.0);
    }

    /** At the module's end where the plug is joined: what the module sees is what the loom carries. */
    private function alternatingVolts(Workbench $bench, bool $unplugged): float
    {
        $bench->secured()->do(new TurnWheel('FL', 0.5));
        if ($unplugged) {
            $bench->do(new Unplug('FL.sensor-plug'));
        }

        return $bench->meter(MeterFunction::VoltsAc, ...($unplugged ? self::PINS : ['FL.sensor-plug.module.1', 'FL.sensor-plug.module.2']));
    }
}
