<?php

declare(strict_types=1);

namespace Tests\Core\Circuit;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Chance\Draw;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\Netlist;
use Lernfall\Circuit\NodalAnalysis;
use Lernfall\Circuit\Temperatures;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What must hold for every channel, drawn at random and repeatably. */
final class PropertiesTest extends TestCase
{
    private const DRAWS = 60;

    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['brack-22'])]
    public function test_closing_an_open_never_raises_resistance(string $car): void
    {
        $vehicle = Workbench::vehicle($car);
        for ($number = 1; $number <= self::DRAWS; $number++) {
            $draw = new Draw("$car closing $number");
            $channel = $vehicle->channels[(int) floor($draw->uniform('channel') * count($vehicle->channels))];
            $conductor = $channel->conductors[(int) floor($draw->uniform('conductor') * count($channel->conductors))]->id;
            $open = Workbench::catalogue()->fault($vehicle, $draw->uniform('kind') < 0.5 ? 'loom-open' : 'plug-pin-back', $channel->id, $conductor)->applyTo($vehicle);

            self::assertLessThanOrEqual($this->ohms($open, $channel) + 0.2, $this->ohms($vehicle, $channel));
        }
    }

    public function test_more_broken_strands_never_lower_resistance(): void
    {
        $vehicle = Workbench::vehicle();
        $last = 0.0;
        foreach ([1.0, 50.0, 420.0, 3200.0, 26000.0, 90000.0] as $ohms) {
            $now = $this->ohms(Workbench::catalogue()->fault($vehicle, 'loom-resistive', 'FL', '1', $ohms)->applyTo($vehicle), $vehicle->channel('FL'));
            self::assertGreaterThan($last, $now);
            $last = $now;
        }
    }

    public function test_superposition_holds_in_a_random_network(): void
    {
        for ($number = 1; $number <= self::DRAWS; $number++) {
            $draw = new Draw("superposition $number");
            $network = static function (string $one, string $other) use ($draw): Netlist {
                $netlist = Netlist::empty()->resistor('n0', Netlist::GROUND, 100.0);
                for ($part = 1; $part < 14; $part++) {
                    $from = 'n'.(int) floor($draw->uniform("from $part") * $part);
                    $netlist = $netlist->resistor($from, "n$part", 10.0 ** ($draw->uniform("ohms $part") * 6.0 - 1.0));
                }

                return $netlist->current(Netlist::GROUND, 'n3', 0.01, $one)->current('n5', 'n9', 0.02, $other);
            };
            $apart = NodalAnalysis::solve($network('one', 'other'));
            $together = NodalAnalysis::solve($network('all', 'all'));

            self::assertEqualsWithDelta(
                $together->voltsBetween('n9', 'n2', 'all'),
                $apart->voltsBetween('n9', 'n2', 'one') + $apart->voltsBetween('n9', 'n2', 'other'),
                1e-6 * max(1.0, abs($together->voltsBetween('n9', 'n2', 'all'))),
            );
        }
    }

    /** A line that never falls meets a source in one point, whatever the source. */
    public function test_the_current_of_a_two_wire_sensor_satisfies_kirchhoff_and_its_own_law(): void
    {
        $vehicle = Workbench::vehicle('lendo-15');
        for ($number = 1; $number <= self::DRAWS; $number++) {
            $draw = new Draw("law $number");
            $channel = $vehicle->channel($draw->uniform('corner') < 0.5 ? 'FL' : 'RR');
            $ohms = 10.0 ** ($draw->uniform('ohms') * 5.0);
            $faulty = Workbench::catalogue()->fault($vehicle, 'loom-resistive', $channel->id, '1', max(1.0, min(1e5, $ohms)))->applyTo($vehicle)->channel($channel->id);
            $state = new ElectricalState(true, 12.6, [], new Temperatures(20.0), $draw->uniform('fed') < 0.5 ? [$channel->id] : []);
            $circuit = LiveCircuit::of([$channel->id => $faulty], $state, [$channel->id => (int) ($draw->uniform('tooth') < 0.5)]);
            $solved = $circuit->solved();
            [$plus, $minus] = ChannelNetlist::sensorNodes($faulty);
            $pins = ChannelNetlist::inputNodes($faulty);
            $volts = $solved->voltsBetween($plus, $minus);
            // what flows back over the module's return or feed is what the sensor takes
            $law = $circuit->devices[0]->law;
            $level = $law->levelAmperes * max(0.0, min(1.0, ($volts - 1.4) / 2.9)) + $volts / 5.2e6;
            $wire = $solved->voltsBetween($pins[0], $plus) / ($faulty->cable('loom')->wires['1']->ohms() + 0.007 + 0.005);

            self::assertEqualsWithDelta($level, $wire, 2e-6 + 0.002 * $level);
        }
    }

    private function ohms(Vehicle $vehicle, Channel $channel): float
    {
        $simulator = Workbench::simulator();
        $car = Branch::likeliest($simulator->predict(Car::hypothesis($vehicle, $vehicle), new Unplug('module-plug')))->car;
        $feature = $simulator->predict($car, new Measure(MeterFunction::Ohms, "$channel->id.module-plug.wheel.1", "$channel->id.module-plug.wheel.2"))[0]->prediction->features['reading'];

        return $feature instanceof NumberFeature ? ($feature->overload ? INF : $feature->mean) : NAN;
    }
}
