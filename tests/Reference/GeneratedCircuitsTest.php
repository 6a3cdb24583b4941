<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Chance\Draw;
use Lernfall\Circuit\Awake;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Fault\Fault;
use Lernfall\Signal\Switching;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\SpiceExport;
use Tests\Support\Workbench;

/**
 * Our own networks, exported, against ngspice: two hundred channels of every sensor type with faults, plug states and
 * probes drawn at random. This checks the algebra; the circuits drawn by hand check the networks themselves.
 */
final class GeneratedCircuitsTest extends TestCase
{
    private const CHANNELS = 200;

    private const GREATEST_DEVIATION = 0.001;

    /**
     * Both programs hold a part that hangs in the air by 10⁻¹² S a node. What comes of that through a meter lies below
     * this, and at the edge of double precision beside contacts of a milliohm: both say nothing.
     */
    private const NOTHING_VOLTS = 0.002;

    private const CARS = ['harl-13', 'lendo-15', 'brack-22'];

    public function test_two_hundred_generated_channels_agree_with_the_circuit_simulator(): void
    {
        $worst = 0.0;
        for ($number = 1; $number <= self::CHANNELS; $number++) {
            [$circuit, $first, $second, $what] = $this->generated(new Draw("circuit $number"));
            $ours = $circuit->solved()->voltsBetween($first, $second);
            $theirs = $this->simulated(SpiceExport::of($circuit, $first, $second));
            if (max(abs($ours), abs($theirs)) > self::NOTHING_VOLTS) {
                $deviation = abs($ours - $theirs) / max(abs($theirs), self::NOTHING_VOLTS);
                self::assertLessThan(self::GREATEST_DEVIATION, $deviation, "$number: $what: $ours, not $theirs");
                $worst = max($worst, $deviation);
            }
        }
        fwrite(STDERR, sprintf("\nlargest deviation over %d generated channels: %.2e\n", self::CHANNELS, $worst));

        self::assertLessThan(self::GREATEST_DEVIATION, $worst);
    }

    /** @return array{LiveCircuit, string, string, string} circuit with a meter on it, its two nodes, and what it is */
    private function generated(Draw $draw): array
    {
        $sound = Workbench::vehicle($this->choice($draw, 'car', self::CARS));
        $faults = array_values(array_filter(Workbench::catalogue()->everyFault($sound), static fn (Fault $one): bool => ! $one->kind->scope->wholeCar));
        $fault = $this->choice($draw, 'fault', $faults);
        $car = Car::hypothesis($fault->applyTo($sound), $sound);
        $simulator = Workbench::simulator();
        $actions = [];
        foreach (["$fault->channel.sensor-plug", 'module-plug'] as $plug) {
            if ($draw->uniform("open $plug") < 0.15) {
                $actions[] = new Unplug($plug);
            }
        }
        if ($draw->uniform('key') < 0.95) {
            $actions[] = new TurnKey($draw->uniform('engine') < 0.5 ? Ignition::On : Ignition::Running);
        }
        foreach ($actions as $action) {
            $car = Branch::likeliest($simulator->predict($car, $action))->car;
        }
        $channel = $car->channel($fault->channel);
        $state = $car->electrical();
        $channels = [$channel->id => $channel];
        $levels = Awake::ones($channels, $state, [$channel->id => Switching::level($channel, $draw->uniform('tooth') < 0.5)]);
        $circuit = LiveCircuit::of($channels, $state, $levels)->withBattery($state);
        $nodes = ['ground', ...ChannelNetlist::sensorNodes($channel), ...ChannelNetlist::inputNodes($channel), 'battery.positive'];
        $first = $this->choice($draw, 'first', array_slice($nodes, 1));
        $second = $this->choice($draw, 'second', array_values(array_diff($nodes, [$first])));

        return [$circuit->withResistor($first, $second, 1e7), $first, $second, $fault->key()." $first $second"];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function choice(Draw $draw, string $name, array $choices): mixed
    {
        return $choices[(int) floor($draw->uniform($name) * count($choices))];
    }

    private function simulated(string $netlist): float
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lernfall-circuit');
        file_put_contents($file, $netlist);
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);
        unlink($file);

        return preg_match('~^reading = (\S+)~m', implode("\n", $lines), $found) === 1
            ? (float) $found[1]
            : throw new RuntimeException("no reading:\n".$netlist.implode("\n", $lines));
    }
}
