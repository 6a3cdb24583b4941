<?php

declare(strict_types=1);

namespace Tests\Core\Circuit;

use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\UnitWiring;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleWiring;

/** What valves and pump get of current, and what stands at the pads of the unit. */
final class UnitCircuitTest extends TestCase
{
    /** Common practice for valves of three positions: no current raises, about 2 A hold, about 5 A reduce. */
    public function test_a_valve_of_three_positions_takes_no_two_and_five_amperes(): void
    {
        $wiring = SampleWiring::threePositions();
        foreach ([[Modulation::Increase, 0.0, 0], [Modulation::Hold, 2.0, 1], [Modulation::Reduce, 5.0, 2]] as [$modulation, $amperes, $position]) {
            $solved = SampleWiring::solved($wiring, UnitOrder::valves($wiring->driven('FL', $modulation)));
            self::assertEqualsWithDelta($amperes, $solved->amperes('FL.valve'), 0.001);
            self::assertSame($position, $solved->position('FL.valve'));
        }
    }

    public function test_inlet_holds_and_inlet_with_outlet_reduces_where_they_are_two(): void
    {
        $wiring = SampleWiring::separate();
        self::assertSame([], $wiring->driven('RR', Modulation::Increase));
        self::assertSame(['RR.inlet' => 1], $wiring->driven('RR', Modulation::Hold));
        self::assertSame(['RR.inlet' => 1, 'RR.outlet' => 1], $wiring->driven('RR', Modulation::Reduce));
        $solved = SampleWiring::solved($wiring, UnitOrder::valves($wiring->driven('RR', Modulation::Reduce)));
        self::assertSame([1, 1, 0], [$solved->position('RR.inlet'), $solved->position('RR.outlet'), $solved->position('FL.outlet')]);
    }

    /**
     * By hand: a valve needs 3.5 A to reduce, so that 12.5 V / 3.5 A − 1.4 Ω = 2.2 Ω may lie in its feed, and half of that where two share it; what is in
     * the sound feed already, some 0.1 Ω, comes off.
     */
    public function test_a_burnt_contact_passes_valve_by_valve_and_fails_under_two(): void
    {
        foreach (['1.9' => 2, '2.4' => 1] as $ohms => $expected) {
            self::assertSame($expected, $this->burnt((float) $ohms, 'FL')->position('FL.valve'), "$ohms ohms, one valve");
        }
        foreach (['0.9' => 2, '1.3' => 1] as $ohms => $expected) {
            self::assertSame($expected, $this->burnt((float) $ohms, 'FL', 'RR')->position('RR.valve'), "$ohms ohms, two valves");
        }
    }

    public function test_the_drop_over_a_burnt_contact_grows_with_a_second_valve(): void
    {
        $drop = fn (string ...$channels): float => $this->burnt(0.6, ...$channels)->volts('unit.valves.fuse.out', 'unit.valves.relay.out');
        self::assertEqualsWithDelta(3.0, $drop('FL'), 0.01, '5 A through 0.6 Ω');
        self::assertGreaterThan(4.5, $drop('FL', 'FR'));
        self::assertEqualsWithDelta(0.02, SampleWiring::solved(SampleWiring::threePositions(), UnitOrder::valves(['FL.valve' => 2]))->volts('unit.valves.fuse.out', 'unit.valves.relay.out'), 0.001, 'a good contact');
    }

    public function test_what_is_open_takes_no_current_and_leaves_the_others_theirs(): void
    {
        $wiring = SampleWiring::threePositions();
        $solved = SampleWiring::solved($wiring->withCoil('FL.valve', $wiring->coils['FL.valve']->broken()), UnitOrder::valves(['FL.valve' => 2, 'FR.valve' => 2]));
        self::assertSame(0.0, $solved->amperes('FL.valve'));
        self::assertSame(2, $solved->position('FR.valve'));
        self::assertEqualsWithDelta(0.0, $solved->volts(UnitCircuit::coilEnd('FL.valve'), UnitCircuit::GROUND), 1e-6, 'its driver pulls its pin down');

        foreach ([$wiring->valves->withFuse(true), $wiring->valves->withRelay(RelayState::Dead), $wiring->valves->withWire(true)] as $feed) {
            self::assertEqualsWithDelta(0.0, SampleWiring::solved($wiring->withFeeds(valves: $feed), UnitOrder::valves(['FL.valve' => 2]))->amperes('FL.valve'), 1e-6);
        }
    }

    public function test_the_motor_turns_while_it_is_told_and_on_where_its_relay_is_welded(): void
    {
        $wiring = SampleWiring::threePositions();
        self::assertEqualsWithDelta(0.0, SampleWiring::solved($wiring, new UnitOrder)->motorVolts(), 1e-6);
        $running = SampleWiring::solved($wiring, new UnitOrder(pump: true));
        self::assertGreaterThan(11.5, $running->motorVolts());
        self::assertEqualsWithDelta($running->motorVolts() / 0.55, $running->motorAmperes(), 1e-9);
        self::assertGreaterThan(11.5, SampleWiring::solved($wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Welded)), new UnitOrder)->motorVolts());
        self::assertEqualsWithDelta(0.0, SampleWiring::solved($wiring->withFeeds(pump: $wiring->pump->withWire(true)), new UnitOrder(pump: true))->motorVolts(), 1e-6);
    }

    private function burnt(float $ohms, string ...$channels): UnitCircuit
    {
        $wiring = SampleWiring::threePositions();
        $wrong = $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Works, $ohms));

        return SampleWiring::solved($wrong, $this->reducing($wrong, ...$channels));
    }

    private function reducing(UnitWiring $wiring, string ...$channels): UnitOrder
    {
        return UnitOrder::valves(array_merge(...array_map(static fn (string $channel): array => $wiring->driven($channel, Modulation::Reduce), array_values($channels))));
    }
}
