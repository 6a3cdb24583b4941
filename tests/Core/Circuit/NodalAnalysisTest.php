<?php

declare(strict_types=1);

namespace Tests\Core\Circuit;

use Lernfall\Circuit\Netlist;
use Lernfall\Circuit\NodalAnalysis;
use Lernfall\InvalidQuantity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Expected values follow from Ohm's and Kirchhoff's laws by hand. */
final class NodalAnalysisTest extends TestCase
{
    public function test_a_divider_divides(): void
    {
        $solution = NodalAnalysis::solve(Netlist::empty()->source('top', Netlist::GROUND, 12.0, 1.0, 'dc')->resistor('top', 'middle', 2.0)->resistor('middle', Netlist::GROUND, 3.0));

        self::assertEqualsWithDelta(10.0, $solution->voltsBetween('top', Netlist::GROUND, 'dc'), 1e-9);
        self::assertEqualsWithDelta(6.0, $solution->voltsBetween('middle', Netlist::GROUND, 'dc'), 1e-9);
    }

    /** A balanced Wheatstone bridge has no voltage over its middle, whatever lies there. */
    #[TestWith([0.01])]
    #[TestWith([1e6])]
    public function test_a_balanced_bridge_is_dead_across(float $middleOhms): void
    {
        $solution = NodalAnalysis::solve(Netlist::empty()
            ->source('top', Netlist::GROUND, 10.0, 0.5, 'dc')
            ->resistor('top', 'left', 100.0)->resistor('left', Netlist::GROUND, 200.0)
            ->resistor('top', 'right', 50.0)->resistor('right', Netlist::GROUND, 100.0)
            ->resistor('left', 'right', $middleOhms));

        self::assertEqualsWithDelta(0.0, $solution->voltsBetween('left', 'right', 'dc'), 1e-9);
    }

    public function test_excitations_are_solved_apart_and_add_up(): void
    {
        $both = Netlist::empty()->resistor('a', Netlist::GROUND, 10.0)->resistor('a', 'b', 5.0)->resistor('b', Netlist::GROUND, 20.0)
            ->current(Netlist::GROUND, 'a', 1.0, 'one')->current(Netlist::GROUND, 'b', 2.0, 'two');
        $together = Netlist::empty()->resistor('a', Netlist::GROUND, 10.0)->resistor('a', 'b', 5.0)->resistor('b', Netlist::GROUND, 20.0)
            ->current(Netlist::GROUND, 'a', 1.0, 'all')->current(Netlist::GROUND, 'b', 2.0, 'all');
        $apart = NodalAnalysis::solve($both);

        self::assertEqualsWithDelta(
            NodalAnalysis::solve($together)->voltsBetween('a', 'b', 'all'),
            $apart->voltsBetween('a', 'b', 'one') + $apart->voltsBetween('a', 'b', 'two'),
            1e-9,
        );
    }

    public function test_a_part_that_hangs_in_the_air_has_a_solution(): void
    {
        $solution = NodalAnalysis::solve(Netlist::empty()->resistor('x', 'y', 100.0)->current('y', 'x', 1e-3, 'test'));

        self::assertEqualsWithDelta(0.1, $solution->voltsBetween('x', 'y', 'test'), 1e-6);
    }

    public function test_the_order_in_which_parts_are_added_does_not_matter(): void
    {
        $parts = [['a', Netlist::GROUND, 10.0], ['a', 'b', 5.0], ['b', 'c', 7.0], ['c', Netlist::GROUND, 3.0], ['a', 'c', 11.0]];
        $build = static fn (array $order): float => NodalAnalysis::solve(array_reduce(
            $order,
            static fn (Netlist $net, array $part): Netlist => $net->resistor(...$part),
            Netlist::empty()->current(Netlist::GROUND, 'b', 1.0, 'dc'),
        ))->voltsBetween('b', 'c', 'dc');

        self::assertEqualsWithDelta($build($parts), $build(array_reverse($parts)), 1e-9);
    }

    #[TestWith([0.0])]
    #[TestWith([-5.0])]
    #[TestWith([INF])]
    #[TestWith([NAN])]
    public function test_an_impossible_resistor_is_refused(float $ohms): void
    {
        $this->expectException(InvalidQuantity::class);
        Netlist::empty()->resistor('a', 'b', $ohms);
    }
}
