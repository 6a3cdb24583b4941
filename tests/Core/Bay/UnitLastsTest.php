<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Actuators\LetUnitRest;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What is left of work at the hydraulic unit: heat, air, fluid that has run out or to another place. */
final class UnitLastsTest extends TestCase
{
    /** Commands are limited in time, then coils and pump rest. Common practice, no source. */
    public function test_a_pump_that_is_run_again_and_again_has_to_rest(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On));
        $refused = array_map(static fn (): ?string => $bench->do(new TestActuator('pump'))->refusal?->value, range(1, 6));

        self::assertSame([null, null, null, null, null, 'unit-hot'], $refused);
        self::assertNull($bench->do(new LetUnitRest, new TestActuator('pump'))->refusal);
    }

    public function test_no_look_is_for_nothing(): void
    {
        foreach (Sight::cases() as $sight) {
            self::assertGreaterThan(0.0, Workbench::simulator()->rate(new LookAt('FL', $sight))->minutes, $sight->value);
        }
    }

    public function test_valves_that_are_worked_at_leisure_never_have_to(): void
    {
        $bench = Workbench::healthy()->secured();
        $bench->do(new TurnKey(Ignition::On));
        foreach (range(1, 12) as $time) {
            self::assertNull($bench->do(new TestActuator('valves.FL', with: ['valves.FR', 'valves.RL', 'valves.RR']))->refusal, "time $time");
        }
    }

    /** A soft pedal that firms with pumping: air. Seals past which fluid slips are not helped by it. Common practice, no source. */
    public function test_pumping_brings_a_pedal_up_over_air_and_not_over_worn_seals(): void
    {
        $height = static fn (string $kind, string $place, float $strength, bool $pumped): mixed => Workbench::withFault($kind, $place, '', $strength)->do(new TurnKey(Ignition::Running), new TryPedal($pumped))->word('height');

        self::assertSame(['goes-low', 'usual-height'], [$height('air-in-brake', 'FR', 5.0, false), $height('air-in-brake', 'FR', 5.0, true)]);
        $sinks = Workbench::withFault('master-bypassing', 'car', '', 0.06)->do(new TurnKey(Ignition::Running), new TryPedal(true))->word('steady');
        self::assertSame('sinks-slowly', $sinks);
    }

    /** What a leaking outlet lets through stands in the accumulator and comes back with the pump; past the seals of the master cylinder, nothing does. */
    public function test_the_pump_tells_a_leaking_outlet_from_worn_seals(): void
    {
        $kick = static fn (string $kind, string $place, float $strength): mixed => Workbench::withFault($kind, $place, '', $strength)->do(new TurnKey(Ignition::On), new TryPedal, new TestActuator('pump'))->word('pedal');

        self::assertSame(['pedal-pushed-back', 'pedal-stays'], [$kick('outlet-leaking', 'FL', 0.05), $kick('master-bypassing', 'car', 0.06)]);
    }

    /** The maker of this car has RR bled before FL, which hangs on the same circuit. */
    public function test_whoever_bleeds_in_the_makers_order_is_done_and_whoever_does_not_bleeds_again(): void
    {
        $vehicle = Workbench::vehicle();
        self::assertSame(['RR', 'RL', 'FR', 'FL'], $vehicle->unit()->design->bleedingOrder);
        $left = static function (string ...$order) use ($vehicle): array {
            $bench = Workbench::with(Car::true($vehicle, $vehicle, 'a'))->secured();
            $bench->do(new Repair(RepairKind::ReplaceHydraulicUnit, Vehicle::WHOLE), ...array_map(static fn (string $wheel): Repair => new Repair(RepairKind::BleedBrake, $wheel), $order));

            return array_keys(array_filter($bench->car->vehicle->unit()->hydraulics->wheels, static fn ($line): bool => $line->brake->volume->airCubicCentimetres > 0.0));
        };

        self::assertSame([], $left('RR', 'RL', 'FR', 'FL'));
        self::assertSame(['FL'], $left('FL', 'RR', 'RL', 'FR'));
        self::assertSame([], $left('FL', 'RR', 'RL', 'FR', 'FL'));
    }

    /** Filling up is not mending: a line that loses fluid loses it on the next drive. */
    public function test_a_leaking_line_empties_again_what_was_only_filled_up(): void
    {
        $level = static fn (Workbench $bench): mixed => $bench->do(new LookAt(Vehicle::WHOLE, Sight::Fluid))->word('sight');
        $bench = Workbench::withFault('brake-line-leaking', 'RL');
        self::assertSame('fluid-low', $level($bench));
        $bench->do(new Repair(RepairKind::FillFluid, Vehicle::WHOLE));
        self::assertSame('fluid-full', $level($bench));
        $bench->do(new TurnKey(Ignition::Running), new RoadTest);
        self::assertSame('fluid-low', $level($bench));
    }

    /** Reduce at one corner lets another wheel go. Common practice, no source. */
    public function test_crossed_pipes_let_the_other_wheel_go(): void
    {
        $bench = Workbench::withFault('brake-pipes-crossed', 'FL')->secured();
        $shown = $bench->do(new TurnKey(Ignition::On), new TestActuator('valves.FL'));
        self::assertSame(['wheel-held', 'another-let-go'], [$shown->word('wheel'), $shown->word('others')]);
        $mended = $bench->do(new Repair(RepairKind::RefitBrakePipes, Vehicle::WHOLE), new Repair(RepairKind::BleedBrakes, Vehicle::WHOLE), new TestActuator('valves.FL'));
        self::assertSame(['wheel-let-go', 'others-held'], [$mended->word('wheel'), $mended->word('others')]);
    }

    /** A lead over the contact of the valve relay feeds the valves while nobody has told the relay to; the module finds that at key-on. */
    public function test_a_lead_at_the_unit_is_part_of_its_circuit(): void
    {
        $bench = Workbench::withFault('valve-relay-dead', Vehicle::WHOLE)->secured();
        self::assertSame('wheel-held', $bench->do(new TurnKey(Ignition::On), new TestActuator('valves.FL'))->word('wheel'));
        $bench->do(new TurnKey(Ignition::Off), new TestActuator('pump'), new ConnectLeads([['unit.valves.fuse.out', 'unit.valves.relay.out']]));
        self::assertSame('wheel-let-go', $bench->do(new TurnKey(Ignition::On), new TestActuator('pump'), new TestActuator('valves.FL'))->word('wheel'));
        self::assertSame('lead-glows', $bench->do(new TurnKey(Ignition::Off), new ConnectLeads([['battery.positive', 'unit.pump.supply']]))->refusal?->value, 'a pump takes more than a test lead bears');
    }
}
