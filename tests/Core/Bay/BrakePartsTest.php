<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\EndSession;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Evidence\Preview\Preview;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Valves, pump, relays, switches, fluid and lamps: what tells each of them. Common practice, no source. */
final class BrakePartsTest extends TestCase
{
    /** By kind: the code at key-on, the code after a drive, and the whole-car tests in which it shows. */
    private const SHOWS = [
        'valve-winding-open' => ['C0065-13', 'C0065-13', ['codes-of-parts', 'valves-together']],
        // electrically sound: it pulls to one side, and no code is ever set
        'valve-stuck' => ['', '', ['valves-together']],
        'pump-dead' => ['', 'C0110-13', ['codes-of-parts', 'pump']],
        'pump-relay-dead' => ['', 'C0110-13', ['codes-of-parts', 'pump']],
        'valve-relay-dead' => ['C0121-13', 'C0121-13', ['codes-of-parts', 'valves-together']],
        // too little current for the outlet to move, and less than half of what the module expects
        'valve-winding-high' => ['C0065-13', 'C0065-13', ['codes-of-parts', 'valves-together']],
        'outlet-throttled' => ['', '', ['valves-together']],
        // it does not shut, so what is let out comes in again
        'inlet-winding-high' => ['C0065-13', 'C0065-13', ['codes-of-parts', 'valves-together']],
        'inlet-leaking' => ['', '', ['valves-together']],
        // what the pedal gives runs into the accumulator; expected late on the rollers as well, but it is full before the pedal is down
        'outlet-stuck-open' => ['', '', ['pedal', 'valves-together']],
        // its motor turns; only what is done several times at one circuit shows it
        'pump-half-dead' => ['', '', []],
        // every valve at once lets every wheel go, whichever pipe leads where
        'brake-pipes-crossed' => ['', '', ['look-unit-pipes']],
        // both front brakes hang at one circuit now: its accumulator does not take what they let out
        'brake-pipes-crossed-along' => ['', '', ['look-unit-pipes', 'valves-together']],
        'pump-relay-burnt' => ['', 'C0110-13', ['codes-of-parts', 'look-pump-relay', 'pump']],
        'pump-fuse-blown' => ['', 'C0110-13', ['codes-of-parts', 'look-pump-fuse', 'pump']],
        'valve-relay-welded' => ['C0121-24', 'C0121-24', ['codes-of-parts', 'look-valve-relay']],
        'brake-line-leaking' => ['', '', ['look-fluid', 'pedal']],
        // the lining that rubs is felt by hand as well
        'slide-pins-seized' => ['', '', ['rollers-front', 'valves-together']],
        'disc-uneven' => ['', '', ['rollers-front']],
        'linings-worn' => ['', '', ['look-fluid']],
        'level-switch-stuck' => ['', '', ['switches']],
        'inlet-winding-open' => ['C0065-13', 'C0065-13', ['codes-of-parts', 'valves-together']],
        'outlet-stuck-shut' => ['', '', ['valves-together']],
        'inlet-stuck-open' => ['', '', ['valves-together']],
        'inlet-stuck-shut' => ['', '', ['pedal', 'rollers-front']],
        'inlet-throttled' => ['', '', ['rollers-front']],
        'outlet-leaking' => ['', '', ['pedal']],
        'pump-wire-open' => ['', 'C0110-13', ['codes-of-parts', 'pump']],
        'pump-relay-welded' => ['', 'C0110-24', ['codes-of-parts', 'look-pump-relay', 'pump']],
        // one winding at a time gets enough through its contact
        'valve-relay-burnt' => ['', '', ['look-valve-relay', 'valves-together']],
        'valve-fuse-blown' => ['C0121-13', 'C0121-13', ['codes-of-parts', 'look-valve-fuse', 'valves-together']],
        // eight windings at once load the ground more than one
        'unit-ground-rusty' => ['', 'C0110-13', ['codes-of-parts', 'look-unit-ground', 'pump', 'valves-together']],
        // it empties slowly, and a seized one holds whatever the valves do
        'hose-collapsed' => ['', '', ['rollers-front', 'valves-together']],
        'caliper-seized' => ['', '', ['rollers-front', 'valves-together']],
        'lining-oily' => ['', '', ['rollers-front']],
        // the brake fills late as well, and more goes into the accumulator
        'air-in-brake' => ['', '', ['pedal', 'rollers-front', 'valves-together']],
        'master-bypassing' => ['', '', ['pedal']],
        'assistance-lost' => ['', '', ['pedal', 'rollers-front', 'rollers-rear']],
        'fluid-low' => ['', '', ['look-fluid']],
        'stop-lamp-switch-stuck' => ['', 'C0161-24', ['codes-of-parts', 'look-pedal-switch', 'switches']],
        'stop-lamp-switch-open' => ['', '', ['look-pedal-switch', 'switches']],
        'parking-brake-switch-stuck' => ['', '', ['look-lever-switch', 'switches']],
        'parking-brake-switch-open' => ['', '', ['look-lever-switch', 'switches']],
        'level-switch-open' => ['', '', ['switches']],
        'lamp-dead' => ['', '', ['bulbs']],
        'lamp-stuck' => ['', '', []],
    ];

    /** @return array<string, array{string, string, string, list<string>}> */
    public static function kinds(): array
    {
        return array_combine(array_keys(self::SHOWS), array_map(static fn (string $kind, array $shows): array => [$kind, ...$shows], array_keys(self::SHOWS), self::SHOWS));
    }

    public function test_the_table_holds_every_kind_that_sits_there(): void
    {
        $kinds = array_keys(array_filter(Workbench::catalogue()->entries, static fn ($entry): bool => in_array($entry->kind->station, ['hydraulics', 'brakes', 'switches', 'lamps'], true) && $entry->kind->places(Workbench::vehicle()) !== []));

        self::assertEqualsCanonicalizing($kinds, array_keys(self::SHOWS));
    }

    /** @param  list<string>  $tests */
    #[DataProvider('kinds')]
    public function test_each_sets_its_code_and_shows_in_its_tests(string $kind, string $atKeyOn, string $driven, array $tests): void
    {
        $place = Workbench::catalogue()->entry($kind)->kind->places(Workbench::vehicle())[0];
        $bench = Workbench::withFault($kind, $place);
        self::assertSame($atKeyOn === '' ? [] : [$atKeyOn], array_keys(Workbench::codes($bench->do(new TurnKey(Ignition::Running), new ReadCodes))));
        self::assertSame($driven === '' ? [] : [$driven], array_keys(Workbench::codes($bench->do(new RoadTest, new ReadCodes))));

        $rows = Preview::of(Workbench::case([[$kind, $place]]), Workbench::simulator())->rows;
        $differing = array_keys(array_filter($rows, static fn (array $cells): bool => isset($cells[Vehicle::WHOLE]) && $cells[Vehicle::WHOLE]->differs));
        self::assertEqualsCanonicalizing($tests, $differing);
    }

    public function test_valves_that_do_not_move_hold_their_wheel(): void
    {
        foreach (['valve-stuck', 'valve-winding-open', 'valve-relay-dead'] as $kind) {
            $bench = Workbench::withFault($kind, $kind === 'valve-relay-dead' ? Vehicle::WHOLE : 'FL')->secured();
            self::assertSame('wheel-held', $bench->do(new TurnKey(Ignition::On), new TestActuator('valves.FL'))->word('wheel'));
            self::assertSame($kind === 'valve-relay-dead' ? 'wheel-held' : 'wheel-let-go', $bench->do(new TestActuator('valves.RR'))->word('wheel'));
        }
    }

    public function test_nobody_works_valves_on_a_car_that_is_not_secured(): void
    {
        $bench = Workbench::healthy();

        self::assertSame('unsecured', $bench->do(new TurnKey(Ignition::On), new TestActuator('valves.FL'))->refusal?->value);
    }

    /** The level switch of the unit's own reservoir: lamps on, systems off, and nothing stored. */
    public function test_lamps_without_a_code_lead_to_the_level_switch(): void
    {
        $bench = Workbench::withFault('level-switch-open', Vehicle::WHOLE);
        $bench->do(new TurnKey(Ignition::On));
        $lamps = $bench->do(new LookAtLamps);
        self::assertSame(['on', 'on', 'systems-off'], [$lamps->word('abs'), $lamps->word('traction'), $lamps->word('message')]);
        self::assertSame([], Workbench::codes($bench->do(new ReadCodes)));
        self::assertSame('stays-open', $bench->do(new ReadSwitches)->word('level-switch'));
    }

    public function test_the_red_lamp_burns_for_fluid_and_parking_brake(): void
    {
        foreach (['fluid-low', 'parking-brake-switch-stuck'] as $kind) {
            $bench = Workbench::withFault($kind, Vehicle::WHOLE);
            $lamps = $bench->do(new TurnKey(Ignition::On), new LookAtLamps);
            self::assertSame(['off', 'on'], [$lamps->word('abs'), $lamps->word('brake')], $kind);
        }
        self::assertSame('fluid-low', Workbench::withFault('fluid-low', Vehicle::WHOLE)->do(new LookAt(Vehicle::WHOLE, Sight::Fluid))->word('sight'));
    }

    public function test_a_lamp_that_never_lights_is_missed_only_in_the_bulb_check(): void
    {
        $bench = Workbench::withFault('lamp-dead', Vehicle::WHOLE);
        $lamps = $bench->do(new TurnKey(Ignition::On), new LookAtLamps);
        self::assertSame(['off', 'dark', 'lit'], [$lamps->word('abs'), $lamps->word('bulb.abs'), $lamps->word('bulb.traction')]);

        $stuck = Workbench::withFault('lamp-stuck', Vehicle::WHOLE)->do(new TurnKey(Ignition::On), new LookAtLamps);
        self::assertSame(['on', 'off', 'none'], [$stuck->word('abs'), $stuck->word('traction'), $stuck->word('message')]);
    }

    public function test_a_session_lights_the_lamps_and_leaving_it_puts_them_out(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On), new ReadSwitches);
        $held = $bench->do(new LookAtLamps);
        self::assertSame(['on', 'diagnosis'], [$held->word('abs'), $held->word('message')]);
        self::assertSame('off', $bench->do(new EndSession, new LookAtLamps)->word('abs'));
        $bench->do(new ReadCodes, new TurnKey(Ignition::Off));
        self::assertSame('off', $bench->do(new TurnKey(Ignition::On), new LookAtLamps)->word('abs'), 'the key ends it too');
    }

    public function test_a_battery_that_still_wakes_the_module_is_noted_as_low(): void
    {
        $fault = Workbench::catalogue()->fault(Workbench::vehicle(), 'battery-flat', Vehicle::WHOLE, '', 10.6);
        $bench = Workbench::with(Car::true($fault->applyTo(Workbench::vehicle()), Workbench::vehicle(), 'a'));
        self::assertSame(['C0899-16' => 'present'], Workbench::codes($bench->do(new TurnKey(Ignition::On), new ReadCodes)));

        $bench->do(new TurnKey(Ignition::Off), new Repair(RepairKind::ChargeBattery, Vehicle::WHOLE));
        self::assertSame(['C0899-16' => 'history'], Workbench::codes($bench->do(new TurnKey(Ignition::On), new ReadCodes)));
    }

    /** With one wheel lost ABS and traction control go; with two, on this car, brake-force distribution as well. */
    public function test_a_second_lost_wheel_costs_more_than_the_first(): void
    {
        $vehicle = Workbench::vehicle('lendo-15');
        $lamps = [];
        foreach ([['FL'], ['FL', 'RR']] as $corners) {
            $faulty = $vehicle;
            foreach ($corners as $corner) {
                $faulty = Workbench::catalogue()->fault($vehicle, 'loom-open', $corner, '1')->applyTo($faulty);
            }
            $seen = Workbench::with(Car::true($faulty, $vehicle, 'a'))->do(new TurnKey(Ignition::On), new LookAtLamps);
            $lamps[] = [$seen->word('abs'), $seen->word('brake'), $seen->word('message'), $seen->word('message.hill-hold')];
        }

        self::assertSame([['on', 'off', 'systems-off', 'shown'], ['on', 'on', 'distribution-lost', 'shown']], $lamps);
    }

    public function test_one_van_has_one_code_for_all_its_unit_can_have(): void
    {
        foreach (['valve-winding-open', 'pump-dead', 'pump-relay-dead', 'valve-relay-dead'] as $kind) {
            $place = $kind === 'valve-winding-open' ? 'RL' : Vehicle::WHOLE;
            $bench = Workbench::withFaultOn('brack-22', $kind, $place);
            self::assertSame(['C0110-13'], array_keys(Workbench::codes($bench->do(new TurnKey(Ignition::Running), new RoadTest, new ReadCodes))), $kind);
        }
    }
}
