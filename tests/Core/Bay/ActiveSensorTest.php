<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class ActiveSensorTest extends TestCase
{
    public function test_the_supply_is_withheld_from_an_open_plug_at_once_or_after_a_key_cycle(): void
    {
        $watching = Workbench::healthyCar('lendo-15');
        $watching->do(new TurnKey(Ignition::On), new Unplug('FL.sensor-plug'));
        self::assertEqualsWithDelta(4.8, $this->openPlug($watching), 0.1);
        self::assertSame(['C0031-13' => 'present'], Workbench::codes($watching->do(new ReadCodes)));

        $older = VehicleReader::read(Workbench::older('lendo-15'));
        $bench = Workbench::with(Car::true($older, $older, 'a'));
        $bench->do(new TurnKey(Ignition::On), new Unplug('FL.sensor-plug'));
        self::assertEqualsWithDelta(12.6, $this->openPlug($bench), 0.2);

        $bench->do(new TurnKey(Ignition::Off), new TurnKey(Ignition::On));
        self::assertEqualsWithDelta(4.8, $this->openPlug($bench), 0.1);
        self::assertSame(['C0031-13' => 'present'], Workbench::codes($bench->do(new ReadCodes)));
    }

    /** Common practice, no source: about battery voltage at key-on, some megohms through an ohmmeter, left and right within a few percent. */
    public function test_a_two_wire_sensor_reads_as_is_usual(): void
    {
        $bench = Workbench::healthyCar('lendo-15');
        $bench->do(new TurnKey(Ignition::On));
        self::assertEqualsWithDelta(12.6, $bench->meter(MeterFunction::VoltsDc, 'FL.sensor-plug.wheel.1', 'body'), 0.5);

        $bench->do(new TurnKey(Ignition::Off), new Unplug('FL.sensor-plug'), new Unplug('FR.sensor-plug'));
        $left = $bench->meter(MeterFunction::Ohms, 'FL.sensor-plug.wheel.1', 'FL.sensor-plug.wheel.2');
        $right = $bench->meter(MeterFunction::Ohms, 'FR.sensor-plug.wheel.1', 'FR.sensor-plug.wheel.2');
        self::assertGreaterThan(1e6, $left);
        self::assertEqualsWithDelta(1.0, $left / $right, 0.1);
    }

    public function test_an_active_signal_has_the_same_step_at_any_rotation(): void
    {
        $bench = Workbench::healthyCar('lendo-15')->secured();
        $bench->do(new TurnKey(Ignition::On), new TurnWheel('FR', 0.2));
        $slow = $bench->meter(MeterFunction::VoltsAc, 'FR.module-plug.wheel.2', 'body');
        $bench->do(new TurnWheel('FR', 2.0));

        self::assertEqualsWithDelta($slow, $bench->meter(MeterFunction::VoltsAc, 'FR.module-plug.wheel.2', 'body'), 0.002);
    }

    public function test_an_active_sensor_is_seen_at_a_crawl_where_a_passive_one_is_blind(): void
    {
        $crawl = new LiveSpeeds(0.4);
        $active = Workbench::healthyCar('lendo-15');
        $passive = Workbench::healthy();
        $active->do(new TurnKey(Ignition::Running));
        $passive->do(new TurnKey(Ignition::Running));

        self::assertGreaterThan(0.3, $active->do($crawl)->number('FL.speed')?->si);
        self::assertSame(0.0, $passive->do($crawl)->number('FL.speed')?->si);
    }

    public function test_where_the_feed_is_sensed_the_return_shows_no_square_wave(): void
    {
        $bench = Workbench::healthyCar('lendo-15')->secured();
        $bench->do(new TurnKey(Ignition::On), new TurnWheel('RL', 0.5));

        self::assertLessThan(0.002, $bench->meter(MeterFunction::VoltsAc, 'RL.module-plug.wheel.2', 'body'));
        // pulses of 90 µs: the meter's root mean square is far below half the step
        self::assertGreaterThan(0.02, $bench->meter(MeterFunction::VoltsAc, 'RL.module-plug.wheel.1', 'body'));
    }

    public function test_a_sinking_sensor_rests_high_or_low_as_the_tooth_says(): void
    {
        $levels = [];
        foreach (range(1, 12) as $seed) {
            $bench = Workbench::healthyCar('brack-22', "seed $seed");
            $bench->do(new TurnKey(Ignition::On));
            $levels[] = round($bench->meter(MeterFunction::VoltsDc, 'FL.module-plug.wheel.3', 'body'));
        }

        self::assertEqualsCanonicalizing([0.0, 5.0], array_values(array_unique($levels)));
    }

    public function test_the_wheel_stays_where_it_stands_until_it_is_moved(): void
    {
        $bench = Workbench::healthyCar('brack-22')->secured();
        $bench->do(new TurnKey(Ignition::On));
        $read = static fn (): float => round($bench->meter(MeterFunction::VoltsDc, 'FL.module-plug.wheel.3', 'body'));
        self::assertSame($read(), $read());

        $levels = [$read()];
        foreach (range(1, 8) as $turn) {
            $bench->do(new TurnWheel('FL', 0.5), new TurnWheel('FL', 0.0));
            $levels[] = $read();
        }
        self::assertCount(2, array_unique($levels));
    }

    public function test_a_sensor_fed_backwards_is_dead_even_after_the_pins_are_put_right(): void
    {
        $bench = Workbench::withFaultOn('brack-22', 'plug-pins-swapped', 'FL');
        $bench->do(new TurnKey(Ignition::On), new TurnKey(Ignition::Off), new Repair(RepairKind::CleanPlug, 'FL'), new TurnKey(Ignition::On));
        self::assertSame(['C0035-13' => 'present'], Workbench::codes($bench->do(new ReadCodes)));

        $bench->do(new TurnKey(Ignition::Off));
        $bench->secured()->do(new Repair(RepairKind::ReplaceSensor, 'FL'), new TurnKey(Ignition::On));
        self::assertSame(['C0035-13' => 'history'], Workbench::codes($bench->do(new ReadCodes)));
    }

    private function openPlug(Workbench $bench): float
    {
        return (float) $bench->do(new Measure(MeterFunction::VoltsDc, 'FL.sensor-plug.module.1', 'body'))->number('reading')?->si;
    }
}
