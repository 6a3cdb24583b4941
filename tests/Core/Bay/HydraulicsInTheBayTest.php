<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Clamp\ClampCurrent;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Rollers\BrakeOnRollers;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** The hydraulic unit asked in the bay: on the lift, by the pedal, on the rollers, and by meter and clamp at its pads. */
final class HydraulicsInTheBayTest extends TestCase
{
    /**
     * Expected from how these faults are told apart in the trade (common practice, no source): wheel reduced, valves held before the pedal, two reduced, pump.
     *
     * @return array<string, array{string, string, string, string, string, string}>
     */
    public static function onTheLift(): array
    {
        return [
            'outlet winding open' => ['valve-winding-open', 'FL', 'wheel-held', 'wheel-let-go', 'wheel-held wheel-let-go', 'pump-runs'],
            'inlet winding open' => ['inlet-winding-open', 'FL', 'wheel-held', 'wheel-held', 'wheel-held wheel-let-go', 'pump-runs'],
            'both at rest' => ['valve-stuck', 'FL', 'wheel-held', 'wheel-held', 'wheel-held wheel-let-go', 'pump-runs'],
            'outlet stuck shut' => ['outlet-stuck-shut', 'FL', 'wheel-held', 'wheel-let-go', 'wheel-held wheel-let-go', 'pump-runs'],
            'inlet stuck open' => ['inlet-stuck-open', 'FL', 'wheel-held', 'wheel-held', 'wheel-held wheel-let-go', 'pump-runs'],
            'inlet stuck shut' => ['inlet-stuck-shut', 'FL', 'wheel-let-go', 'wheel-let-go', 'wheel-let-go wheel-let-go', 'pump-runs'],
            'a contact one valve gets enough through' => ['valve-relay-burnt', 'car', 'wheel-let-go', 'wheel-let-go', 'wheel-held wheel-held', 'pump-runs'],
            'fuse blown' => ['valve-fuse-blown', 'car', 'wheel-held', 'wheel-held', 'wheel-held wheel-held', 'pump-runs'],
            'pump relay welded' => ['pump-relay-welded', 'car', 'wheel-let-go', 'wheel-let-go', 'wheel-let-go wheel-let-go', 'pump-runs-on'],
            'ground rusty' => ['unit-ground-rusty', 'car', 'wheel-let-go', 'wheel-let-go', 'wheel-let-go wheel-let-go', 'pump-silent'],
            'pump dead' => ['pump-dead', 'car', 'wheel-let-go', 'wheel-let-go', 'wheel-let-go wheel-let-go', 'pump-silent'],
        ];
    }

    #[DataProvider('onTheLift')]
    public function test_valves_on_the_lift_show_what_is_wrong(string $kind, string $place, string $reduced, string $heldFirst, string $two, string $pump): void
    {
        $shown = static fn (TestActuator $test): array => Workbench::withFault($kind, $place)->secured()->do(new TurnKey(Ignition::On), $test)->values;

        self::assertSame($reduced, $shown(new TestActuator('valves.FL'))['wheel'] ?? null, 'reduced');
        self::assertSame($heldFirst, $shown(new TestActuator('valves.FL', Modulation::Hold, true))['wheel'] ?? null, 'held first');
        $both = $shown(new TestActuator('valves.FL', with: ['valves.RR']));
        // what an inlet that stays open lets through fills the accumulator for the other wheel of the circuit too
        if (! in_array($kind, ['inlet-stuck-open', 'inlet-winding-open'], true)) {
            self::assertSame(explode(' ', $two), [$both['wheel'] ?? null, $both['wheel.RR'] ?? null], 'two');
        }
        self::assertSame($pump, $shown(new TestActuator('pump'))['pump'] ?? null);
    }

    public function test_a_full_accumulator_looks_like_a_shut_outlet_until_the_pump_has_run(): void
    {
        $bench = Workbench::healthy()->secured();
        $bench->do(new TurnKey(Ignition::On));
        $reduced = array_map(static fn (): mixed => $bench->do(new TestActuator('valves.FL'))->word('wheel'), range(1, 3));

        self::assertSame(['wheel-let-go', 'wheel-held'], [$reduced[0], $reduced[2]]);
        self::assertSame('pedal-pushed-back', $bench->do(new TestActuator('pump'))->word('pedal'));
        self::assertSame('wheel-let-go', $bench->do(new TestActuator('valves.FL'))->word('wheel'));
    }

    /** Isolation shut, priming open, pump on: the front wheel of that circuit is braked without a pedal. Traction control rests on it. */
    public function test_the_pump_brakes_a_wheel_without_the_pedal_where_its_valves_let_it(): void
    {
        $built = static fn (string $kind, string $place, ?float $strength = null): mixed => Workbench::withFaultOn('lendo-15', $kind, $place, strength: $strength)->secured()->do(new TurnKey(Ignition::On), new TestActuator('build-up.FL'))->word('wheel');

        self::assertSame('wheel-held', $built('outlet-stuck-shut', 'FR'));
        foreach (['isolation-stuck-open' => 'FL', 'priming-stuck-shut' => 'FL', 'pump-dead' => 'car', 'valve-fuse-blown' => 'car'] as $kind => $place) {
            self::assertSame('wheel-let-go', $built($kind, $place), $kind);
        }
        self::assertSame('wheel-held', $built('isolation-stuck-open', 'FR'), 'the other circuit');
        self::assertSame(['wheel-held', 'wheel-drags', 'wheel-let-go'], array_map(static fn (float $leak): mixed => $built('isolation-leaking', 'FL', $leak), [1.0, 3.0, 3.8]), 'the more goes back, the less stands');
        self::assertSame('wheel-held', $built('isolation-leaking', 'FR', 3.8), 'the other circuit');
    }

    /** What leaks past the priming valve under the foot is what the pump takes first: the accumulator stays full as with half a dead pump, but the wheel can be braked without the pedal. */
    public function test_a_leaking_priming_valve_keeps_the_pump_from_the_accumulator(): void
    {
        $emptied = static function (?string $kind, float $leak = 0.0): array {
            $bench = $kind === null ? Workbench::healthyCar('lendo-15') : Workbench::withFaultOn('lendo-15', $kind, 'FL', strength: $leak);
            $bench->secured()->do(new TurnKey(Ignition::On));
            $filled = array_map(static fn (): mixed => $bench->do(new TestActuator('valves.FL'))->word('wheel'), range(1, 4));
            $kick = $bench->do(new TestActuator('pump'))->word('pedal');

            return [$filled[0], $filled[3], $kick, $bench->do(new TestActuator('valves.FL'))->word('wheel'), $bench->do(new TestActuator('build-up.FL'))->word('wheel')];
        };

        self::assertSame(['wheel-let-go', 'wheel-held', 'pedal-pushed-back', 'wheel-let-go', 'wheel-held'], $emptied(null));
        self::assertSame(['wheel-let-go', 'wheel-held', 'pedal-stays', 'wheel-held', 'wheel-held'], $emptied('priming-leaking', 0.6));
        self::assertSame(['wheel-let-go', 'wheel-held', 'pedal-stays', 'wheel-held', 'wheel-let-go'], $emptied('pump-half-dead'), 'told apart by building up');
    }

    /** @return array<string, array{string, string, ?float, list<string>}> height, feel and whether it stays, engine running */
    public static function pedals(): array
    {
        return [
            'sound' => ['', '', null, ['usual-height', 'feels-firm', 'stays-down']],
            'air' => ['air-in-brake', 'FR', 5.0, ['goes-low', 'feels-soft', 'stays-down']],
            // what slips past the seals gives way under the firm foot already
            'master cylinder' => ['master-bypassing', 'car', 0.03, ['usual-height', 'feels-soft', 'sinks-slowly']],
            'no assistance' => ['assistance-lost', 'car', null, ['stays-high', 'feels-firm', 'stays-down']],
        ];
    }

    /** @param  list<string>  $words */
    #[DataProvider('pedals')]
    public function test_a_foot_feels_what_is_wrong_between_it_and_the_wheels(string $kind, string $place, ?float $strength, array $words): void
    {
        $bench = $kind === '' ? Workbench::healthy() : Workbench::withFault($kind, $place, strength: $strength);
        $felt = $bench->do(new TurnKey(Ignition::Running), new TryPedal);

        self::assertSame($words, [$felt->word('height'), $felt->word('feel'), $felt->word('steady')]);
    }

    /** Torque over rolling radius, worked out by hand from the car's figures: 60 N · 4.1 / 3.46 cm² · 4.2 = 29.9 bar, less 0.5 bar, by 18.5 N·m a bar. */
    public function test_a_sound_axle_brakes_on_the_rollers_as_worked_out_by_hand(): void
    {
        $shown = Workbench::healthy()->do(new TurnKey(Ignition::Running), new BrakeOnRollers('front'));
        $radius = Workbench::vehicle()->tyre->rollingCircumferenceMetres() / (2.0 * M_PI);

        foreach (['FL', 'FR'] as $wheel) {
            self::assertEqualsWithDelta((60.0 * 4.1 / 3.46 / 10.0 * 4.2 - 0.5) * 18.5 / $radius, $shown->number("$wheel.held")?->si, 190.0);
            self::assertEqualsWithDelta(0.0, $shown->number("$wheel.free")?->si, 40.0);
        }
    }

    public function test_the_rollers_tell_a_weak_a_late_and_a_dragging_brake(): void
    {
        $force = static fn (string $kind, ?float $strength, string $at): float => Workbench::withFault($kind, 'FL', '', $strength)->do(new TurnKey(Ignition::Running), new BrakeOnRollers('front'))->number("FL.$at")->si ?? NAN;
        $sound = Workbench::healthy()->do(new TurnKey(Ignition::Running), new BrakeOnRollers('front'))->number('FL.held')->si ?? NAN;

        self::assertEqualsWithDelta(0.5 * $sound, $force('lining-oily', 0.5, 'held'), 0.05 * $sound);
        self::assertLessThan(0.8 * $sound, $force('hose-collapsed', 0.05, 'pressed'));
        self::assertEqualsWithDelta($sound, $force('hose-collapsed', 0.05, 'held'), 0.1 * $sound);
        self::assertGreaterThan(100.0, $force('caliper-seized', 40.0, 'free'));
    }

    public function test_a_hand_feels_a_brake_that_drags_and_does_not_turn_one_that_holds(): void
    {
        $turned = static fn (float $newtonMetres): mixed => Workbench::withFault('caliper-seized', 'FL', '', $newtonMetres)->secured()->do(new TurnWheel('FL', 0.5))->word('turns');

        self::assertSame(['turns-hard', 'does-not-turn'], [$turned(40.0), $turned(80.0)]);
        self::assertSame('turns-freely', Workbench::healthy()->secured()->do(new TurnWheel('FL', 0.5))->word('turns'));
    }

    /** The bench asks for an engine that runs and a car that stands free on its wheels. */
    public function test_the_rollers_are_refused_to_a_car_that_is_not_ready(): void
    {
        self::assertSame('engine-off', Workbench::healthy()->do(new BrakeOnRollers('front'))->refusal?->value);
        self::assertSame('raised', Workbench::healthy()->secured()->do(new BrakeOnRollers('front'))->refusal?->value);
    }

    public function test_windings_read_as_built_and_an_open_one_lets_nothing_through(): void
    {
        $ohms = static fn (?string $kind, string $valve): Measure => new Measure(MeterFunction::Ohms, 'unit.valves.supply', "unit.coil.$valve");
        $read = Workbench::healthy()->do($ohms(null, 'FL.outlet'));
        self::assertEqualsWithDelta(4.1, $read->number('reading')?->si, 0.6);
        self::assertTrue(Workbench::withFault('valve-winding-open', 'FL')->do($ohms(null, 'FL.outlet'))->number('reading')?->overload);
        self::assertFalse(Workbench::withFault('valve-winding-open', 'FL')->do($ohms(null, 'FL.inlet'))->number('reading')?->overload);
        self::assertSame('ohms-on-live-circuit', Workbench::healthy()->do(new TurnKey(Ignition::On), $ohms(null, 'FL.outlet'))->notes[0]->value ?? null);
    }

    /** Windings and relays of one housing with the module have no pads and are renewed with it; what feeds it can be reached. */
    public function test_of_a_unit_in_one_housing_only_its_feeds_ground_and_motor_can_be_touched(): void
    {
        $vehicle = Workbench::vehicle('brack-22');
        $pads = Pads::ofUnit($vehicle);

        self::assertSame(['unit.valves.fuse.in', 'unit.valves.fuse.out', 'unit.pump.fuse.in', 'unit.pump.fuse.out', 'unit.pump.supply', 'unit.ground'], $pads);
        self::assertSame([[], [], []], [RepairKind::ReplaceValveRelay->places($vehicle), RepairKind::MendUnitWire->places($vehicle), KnownGoodPart::PumpRelay->places($vehicle)]);
        $bench = Workbench::withFaultOn('brack-22', 'pump-relay-dead', 'car');
        $bench->do(new TurnKey(Ignition::On));
        $volts = static fn (string $at): float => $bench->do(new Measure(MeterFunction::VoltsDc, $at, 'unit.ground', meanwhile: new Meanwhile(['pump'])))->number('reading')->si ?? NAN;
        self::assertGreaterThan(11.5, $volts('unit.pump.fuse.out'));
        self::assertLessThan(0.1, $volts('unit.pump.supply'));
    }

    public function test_two_valves_load_a_contact_more_than_one_does(): void
    {
        $bench = Workbench::withFault('valve-relay-burnt', 'car', '', 2.2);
        $bench->do(new TurnKey(Ignition::On));
        $drop = static fn (string ...$commands): float => $bench->do(new Measure(MeterFunction::VoltsDc, 'unit.valves.fuse.out', 'unit.valves.relay.out', meanwhile: new Meanwhile(array_values($commands))))->number('reading')->si ?? NAN;

        // 12.5 V over the contact and one wheel's two windings side by side: 8.2 and 4.1 ohms
        self::assertEqualsWithDelta(12.5 * 2.2 / (2.2 + 1.0 / (1.0 / 8.2 + 1.0 / 4.1)), $drop('reduce.FL'), 0.3);
        self::assertEqualsWithDelta(12.5 * 2.2 / (2.2 + 0.5 / (1.0 / 8.2 + 1.0 / 4.1)), $drop('reduce.FL', 'reduce.RR'), 0.3);
        self::assertEqualsWithDelta(0.0, $drop(), 0.01);
    }

    public function test_the_motor_gets_its_voltage_or_does_not_by_what_is_wrong_before_it(): void
    {
        $volts = static function (string $kind, string $at): float {
            $bench = Workbench::withFault($kind, 'car');

            return $bench->do(new TurnKey(Ignition::On), new Measure(MeterFunction::VoltsDc, $at, 'unit.ground', meanwhile: new Meanwhile(['pump'])))->number('reading')->si ?? NAN;
        };

        self::assertGreaterThan(12.0, $volts('pump-dead', 'unit.pump.supply'));
        self::assertLessThan(0.1, $volts('pump-wire-open', 'unit.pump.supply'));
        self::assertGreaterThan(12.0, $volts('pump-wire-open', 'unit.pump.relay.out'));
        self::assertLessThan(0.1, $volts('pump-relay-dead', 'unit.pump.relay.out'));
    }

    public function test_a_clamp_shows_nothing_round_go_and_return_the_sum_of_two_feeds_and_its_offset_unless_zeroed(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On));
        $amperes = static fn (string $at, array $also = [], array $while = ['pump', 'reduce.FL'], bool $zeroed = true): float => $bench->do(new ClampCurrent($at, 40.0, $zeroed, array_values($also), new Meanwhile(array_values($while))))->number('current')->si ?? NAN;
        $motor = $amperes('unit.pump.supply');
        $valves = $amperes('unit.valves.supply');

        self::assertEqualsWithDelta(20.4, $motor, 1.0);
        self::assertEqualsWithDelta(4.3, $valves, 0.5);
        self::assertEqualsWithDelta(0.0, $amperes('unit.pump.supply', ['unit.ground'], ['pump']), 0.05);
        self::assertEqualsWithDelta($motor + $valves, $amperes('unit.pump.supply', ['unit.valves.supply']), 0.1);
        self::assertEqualsWithDelta(0.0, $amperes('unit.coil.FL.outlet', while: []), 0.05);
        self::assertGreaterThan(0.02, abs($amperes('unit.coil.FL.outlet', while: [], zeroed: false)));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> action, car, field that is wrong */
    public static function unfit(): array
    {
        $measure = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'unit.ground', 'second' => 'body'];

        return [
            'a valve of a wheel there is not' => [['do' => 'test-actuator', 'part' => 'valves.XX'], 'harl-13', 'part'],
            'the same valve twice' => [['do' => 'test-actuator', 'part' => 'valves.FL', 'with' => ['valves.FL']], 'harl-13', 'with'],
            'a valve while the pump is commanded' => [['do' => 'test-actuator', 'part' => 'pump', 'with' => ['valves.FL']], 'harl-13', 'with'],
            'a valve of a car that has none' => [['do' => 'test-actuator', 'part' => 'valves.FL'], 'ostrel-t2', 'part'],
            'building up on a car that cannot' => [['do' => 'test-actuator', 'part' => 'build-up.FL'], 'harl-13', 'part'],
            'an axle there is not' => [['do' => 'brake-on-rollers', 'axle' => 'middle'], 'harl-13', 'axle'],
            'a car without a unit on the rollers' => [['do' => 'brake-on-rollers', 'axle' => 'front'], 'ostrel-t2', 'do'],
            'a pedal of a trailer' => [['do' => 'try-pedal'], 'ostrel-t2', 'do'],
            'a command there is not' => [['while' => ['open.FL']] + $measure, 'harl-13', 'while'],
            'a pad of a unit that is not there' => [$measure, 'ostrel-t2', 'first'],
            'a second wire away from the unit' => [['do' => 'clamp-current', 'at' => 'feed.supply', 'fullScale' => 2, 'zeroed' => true, 'alsoAt' => ['unit.ground']], 'harl-13', 'alsoAt'],
        ];
    }

    /** @param  array<string, mixed>  $action */
    #[DataProvider('unfit')]
    public function test_what_cannot_be_is_refused_with_the_field_that_is_wrong(array $action, string $car, string $field): void
    {
        try {
            Played::on(Workbench::case([], Workbench::vehicle($car)))->do($action);
            self::fail('it was done');
        } catch (UnfitAction $unfit) {
            self::assertSame($field, $unfit->field);
        }
    }

    public function test_without_the_terminal_nothing_is_commanded_while_one_measures(): void
    {
        $case = Workbench::case([], Workbench::vehicle());
        $action = new Measure(MeterFunction::VoltsDc, 'unit.ground', 'body', meanwhile: new Meanwhile(['pump']));
        $simulator = Workbench::simulator();

        self::assertTrue($simulator->hasToolFor($action));
        self::assertFalse($simulator->in($simulator->workshop->withholding(['actuator-tests']))->hasToolFor($action));
        self::assertTrue($simulator->in($simulator->workshop->withholding(['actuator-tests']))->hasToolFor(new Measure(MeterFunction::VoltsDc, 'unit.ground', 'body')), $case->name);
    }

    /** A new unit does not know its car, and its lines are full of air. */
    public function test_a_new_unit_is_coded_and_bled(): void
    {
        $bench = Workbench::withFault('outlet-stuck-shut', 'FL');
        $bench->do(new Repair(RepairKind::ReplaceHydraulicUnit, Vehicle::WHOLE));
        self::assertSame(['C0122-55' => 'present'], Workbench::codes($bench->do(new TurnKey(Ignition::Running), new ReadCodes)));
        self::assertSame('goes-low', $bench->do(new TryPedal)->word('height'));

        $bench->do(new TurnKey(Ignition::Off), new Repair(RepairKind::BleedBrakes, Vehicle::WHOLE), new Repair(RepairKind::CodeUnit, Vehicle::WHOLE), new TurnKey(Ignition::Running));
        self::assertSame(['usual-height', 'feels-firm'], [$bench->do(new TryPedal)->word('height'), $bench->do(new TryPedal)->word('feel')]);
        self::assertSame(['C0122-55' => 'history'], Workbench::codes($bench->do(new ReadCodes)));
        self::assertSame([], Workbench::codes($bench->do(new ClearCodes, new RoadTest, new ReadCodes)));
    }
}
