<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Breakout\FitBreakout;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Clamp\ClampCurrent;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\PressPedal;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** The switches of the brakes as circuits, wires that sit at another input, and the car whose unit is worked by a switch box. Common practice, no source. */
final class SwitchesTest extends TestCase
{
    /** @return array<string, array{string, string, string, list<string>}> car, switch, kind ("" for sound), and what is read at rest and while worked */
    public static function switches(): array
    {
        return [
            'stop lamps' => ['harl-13', 'stop-lamp-switch', '', ['none', 'full']],
            'stop lamp switch stays open' => ['harl-13', 'stop-lamp-switch', 'stop-lamp-switch-open', ['none', 'none']],
            'stop lamp switch stays closed' => ['mirl-10', 'stop-lamp-switch', 'stop-lamp-switch-stuck', ['full', 'full']],
            'parking brake' => ['mirl-10', 'parking-brake-switch', '', ['open', 'closed']],
            'parking brake switch stays closed' => ['mirl-10', 'parking-brake-switch', 'parking-brake-switch-stuck', ['closed', 'closed']],
            'level' => ['harl-13', 'level-switch', '', ['closed', 'open']],
            'level switch open though full' => ['harl-13', 'level-switch', 'level-switch-open', ['open', 'open']],
            'level switch stays closed' => ['harl-13', 'level-switch', 'level-switch-stuck', ['closed', 'closed']],
            'temperature' => ['lendo-15', 'temperature-switch', '', ['closed', 'open']],
            'temperature switch stays open' => ['lendo-15', 'temperature-switch', 'temperature-switch-open', ['open', 'open']],
        ];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('switches')]
    public function test_a_meter_finds_the_contact_at_rest_and_while_somebody_works_it(string $car, string $switch, string $kind, array $expected): void
    {
        $read = static function (array $words) use ($car, $switch, $kind): string {
            $bench = $kind === '' ? Workbench::healthyCar($car) : Workbench::withFaultOn($car, $kind, Vehicle::WHOLE);
            $function = Pads::isFedSwitch($switch) ? MeterFunction::VoltsDc : MeterFunction::Ohms;
            $number = $bench->do(new Measure($function, Pads::switchOut($switch), Pads::BODY, meanwhile: new Meanwhile($words)))->number('reading');

            return match (true) {
                $function === MeterFunction::VoltsDc => ($number->si ?? 0.0) > 11.0 ? 'full' : 'none',
                $number?->overload === true => 'open',
                default => ($number->si ?? INF) < 1.0 ? 'closed' : 'between',
            };
        };

        self::assertSame($expected, [$read([]), $read(["work.$switch"])]);
    }

    /** By Ohm's law: 12.4 V over lamps of 3.4 ohms, 0.06 ohms of feed, 0.08 of contact and the battery's own are some 3.5 A; over the van's 2.2, 0.09 and 0.1 some 5.2 A. */
    public function test_the_clamp_reads_what_the_stop_lamps_draw(): void
    {
        foreach (['harl-13' => 3.5, 'brack-22' => 5.2] as $car => $expected) {
            $amperes = Workbench::healthyCar($car)->do(new ClampCurrent(Pads::switchOut('stop-lamp-switch'), 40.0, true, meanwhile: new Meanwhile(['work.stop-lamp-switch'])))->number('current')->si ?? NAN;
            self::assertEqualsWithDelta($expected, $amperes, 0.15, $car);
        }
    }

    /** Traction control goes off by itself, ABS stays, nothing is stored. */
    public function test_an_open_temperature_switch_lights_the_lamp_of_traction_control_alone(): void
    {
        $bench = Workbench::withFaultOn('lendo-15', 'temperature-switch-open', Vehicle::WHOLE);
        $lamps = $bench->do(new TurnKey(Ignition::On), new LookAtLamps);
        self::assertSame(['off', 'on'], [$lamps->word('abs'), $lamps->word('traction')]);
        self::assertSame([], Workbench::codes($bench->do(new ReadCodes)));
        self::assertSame('stays-open', $bench->do(new ReadSwitches)->word('temperature-switch'));
    }

    /** Turning one wheel shows another one's speed, and an open sensor names the other corner. */
    public function test_a_module_takes_crossed_wires_for_the_other_wheel(): void
    {
        $bench = Workbench::withFault('module-inputs-crossed', 'FL')->secured();
        $speeds = $bench->do(new TurnKey(Ignition::On), new TurnWheel('FL', 1.5), new LiveSpeeds(0.0));
        self::assertSame(0.0, $speeds->number('FL.speed')->si ?? NAN);
        self::assertGreaterThan(1.0, $speeds->number('FR.speed')->si ?? NAN);

        $unplugged = Workbench::withFault('module-inputs-crossed', 'FL');
        self::assertSame(['C0040-13'], array_keys(Workbench::codes($unplugged->do(new Unplug('FL.sensor-plug'), new TurnKey(Ignition::On), new ReadCodes))));
    }

    /** At a pin of the module lies the wire that sits there, not the one that is meant for it; at the sensor's own plug nothing is crossed. */
    public function test_pins_of_the_module_lead_to_the_sensor_whose_wires_sit_there(): void
    {
        $alternating = static function (bool $crossed, string $turned, string $plug): float {
            $bench = ($crossed ? Workbench::withFault('module-inputs-crossed', 'FL') : Workbench::healthy())->secured();
            $bench->do(new FitBreakout(true), new TurnWheel($turned, 1.0));

            return $bench->do(new Measure(MeterFunction::VoltsAc, "FL.$plug.module.1", "FL.$plug.module.2"))->number('reading')->si ?? NAN;
        };

        self::assertGreaterThan(0.05, $alternating(false, 'FL', 'module-plug'));
        self::assertLessThan(0.01, $alternating(true, 'FL', 'module-plug'));
        self::assertGreaterThan(0.05, $alternating(true, 'FR', 'module-plug'));
        self::assertGreaterThan(0.05, $alternating(true, 'FL', 'sensor-plug'));

        $through = Workbench::withFault('module-inputs-crossed', 'FL');
        $through->do(new Unplug('FL.sensor-plug'), new Unplug('FR.sensor-plug'), new Unplug('module-plug'));
        $ohms = static fn (string $from): mixed => $through->do(new Measure(MeterFunction::Ohms, "$from.sensor-plug.module.1", 'FL.module-plug.wheel.1'))->number('reading');
        self::assertTrue($ohms('FL')->overload ?? false, 'open from end to end, though no wire is broken');
        self::assertLessThan(2.0, $ohms('FR')->si ?? NAN);
    }

    /** The van's rear rings have more teeth than its front ones: at the front input their wheel seems to be faster than it is. */
    public function test_a_module_divides_by_the_teeth_of_its_input(): void
    {
        $driven = Workbench::withFaultOn('brack-22', 'module-inputs-crossed-along', 'FL')->do(new TurnKey(Ignition::Running), new LiveSpeeds(10.0));

        self::assertEqualsWithDelta(10.0 * 52 / 44, $driven->number('FL.speed')->si ?? NAN, 0.2);
        self::assertEqualsWithDelta(10.0 * 44 / 52, $driven->number('RL.speed')->si ?? NAN, 0.2);
        self::assertEqualsWithDelta(10.0, $driven->number('FR.speed')->si ?? NAN, 0.2);
    }

    /** No terminal reaches this module; the box works the valves all the same, key off or on. */
    public function test_a_switch_box_works_three_position_valves_where_no_terminal_does(): void
    {
        $bench = Workbench::healthyCar('mirl-10')->secured();
        self::assertSame(['wheel-let-go', 'others-held'], [($shown = $bench->do(new TestActuator('valves.RR')))->word('wheel'), $shown->word('others')]);
        $amperes = static fn (string $command): float => Workbench::healthyCar('mirl-10')->do(new ClampCurrent('unit.coil.FL.valve', 40.0, true, meanwhile: new Meanwhile([$command])))->number('current')->si ?? NAN;
        self::assertEqualsWithDelta(1.8, $amperes('hold.FL'), 0.1);
        self::assertEqualsWithDelta(4.6, $amperes('reduce.FL'), 0.15);
    }

    /** A pedal whose switch does not follow cannot clear the memory. */
    public function test_a_module_counts_no_presses_its_stop_lamp_switch_does_not_pass_on(): void
    {
        foreach (['' => true, 'stop-lamp-switch-open' => false] as $kind => $clears) {
            $bench = $kind === '' ? Workbench::healthyCar('mirl-10') : Workbench::withFaultOn('mirl-10', $kind, Vehicle::WHOLE);
            $bench->do(new Unplug('FL.sensor-plug'), new TurnKey(Ignition::On), new OpenCheckConnector(true));
            self::assertFalse($bench->car->state->memory->isEmpty());
            $bench->do(new PressPedal(10, 3.0));
            self::assertSame($clears, $bench->car->state->memory->isEmpty(), $kind);
        }
    }
}
