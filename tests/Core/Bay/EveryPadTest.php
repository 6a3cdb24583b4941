<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Every pair of pads in every state of the plugs it depends on: nothing is canned, everything obeys the circuit. */
final class EveryPadTest extends TestCase
{
    /** The key-off resistances and key-on voltages of these pads change for each electrical fault. */
    private const FAULTS = [
        'coil open' => ['coil-open', ''],
        'loom wire open' => ['loom-open', '1'],
        'loom wire to ground' => ['loom-grounded', '2'],
        'plug corroded' => ['plug-corroded', '1'],
    ];

    private const MECHANICAL = [
        'gap too large' => ['gap-large', ''],
        'tooth missing' => ['tooth-missing', ''],
    ];

    /** Of the faults, in a usual run. */
    private const SAMPLE = 3;

    /** @var ?array<string, array{float, float, MeterFunction}> */
    private static ?array $healthy = null;

    /** @return array<string, array{string, string}> */
    public static function faults(): array
    {
        return Sweep::of(self::FAULTS + self::MECHANICAL, self::SAMPLE);
    }

    public function test_a_healthy_car_obeys_reciprocity_at_every_pair(): void
    {
        $readings = $this->healthy();

        self::assertGreaterThan(2000, count($readings));
        foreach ($readings as $key => [$forward, $backward, $function]) {
            $function === MeterFunction::Ohms
                ? self::assertSame(is_infinite($forward), is_infinite($backward), $key)
                : self::assertEqualsWithDelta(-$forward, $backward, 0.0011 * max(1.0, abs($forward)), $key);
            if ($function === MeterFunction::Ohms && is_finite($forward)) {
                // one step of the display, twice the leads' own noise
                self::assertEqualsWithDelta($forward, $backward, 0.006 * abs($forward) + 1.0, $key);
            }
        }
    }

    #[DataProvider('faults')]
    public function test_a_fault_changes_its_own_channel_and_no_other(string $kind, string $conductor): void
    {
        $healthy = $this->healthy();
        $faulty = $this->readings(Workbench::catalogue()->fault(Workbench::vehicle(), $kind, 'FR', $conductor)->applyTo(Workbench::vehicle()));
        $changed = 0;
        foreach ($healthy as $key => [$value]) {
            if (str_contains($key, 'FR.')) {
                $changed += $faulty[$key][0] === $value ? 0 : 1;
            } elseif (! str_contains($key, ' unit.')) {
                // a module that has found something lets go of the relay of its valves, which the pads of the unit show
                self::assertSame($value, $faulty[$key][0], $key);
            }
        }

        in_array([$kind, $conductor], array_values(self::FAULTS), true)
            ? self::assertGreaterThan(10, $changed)
            : self::assertSame(0, $changed, 'nothing turns, so gap and ring show nowhere');
    }

    /** @return array<string, array{float, float, MeterFunction}> of the healthy car, measured once */
    private function healthy(): array
    {
        return self::$healthy ??= $this->readings(Workbench::vehicle());
    }

    /** @return array<string, array{float, float, MeterFunction}> forward and reversed, overload as infinity */
    private function readings(Vehicle $vehicle): array
    {
        $simulator = Workbench::simulator();
        $readings = [];
        foreach ($this->plugStates($vehicle) as $open) {
            foreach ([Ignition::Off, Ignition::On] as $key) {
                $car = $this->prepared($simulator, $vehicle, $open, $key);
                $function = $key === Ignition::Off ? MeterFunction::Ohms : MeterFunction::VoltsDc;
                foreach ($this->pairs($vehicle, $open) as [$first, $second]) {
                    $forward = $this->reading($simulator, $car, $function, $first, $second);
                    if ($forward !== null) {
                        $readings[implode('+', $open)." $function->value $first $second"] = [$forward, (float) $this->reading($simulator, $car, $function, $second, $first), $function];
                    }
                }
            }
        }

        return $readings;
    }

    /** @return list<list<string>> */
    private function plugStates(Vehicle $vehicle): array
    {
        $states = [[]];
        foreach ($vehicle->plugIds() as $plug) {
            $states = [...$states, ...array_map(static fn (array $open): array => [...$open, $plug], $states)];
        }

        return $states;
    }

    /**
     * A pair depends only on the plugs of its own channels, so it is taken where all other sensor plugs are joined.
     *
     * @param  list<string>  $open
     * @return list<array{string, string}>
     */
    private function pairs(Vehicle $vehicle, array $open): array
    {
        $pairs = [];
        $pads = Pads::of($vehicle);
        foreach ($pads as $position => $first) {
            foreach (array_slice($pads, $position + 1) as $second) {
                $own = ['module-plug', "$first->channel.sensor-plug", "$second->channel.sensor-plug"];
                if (array_diff($open, $own) === []) {
                    $pairs[] = [$first->id, $second->id];
                }
            }
        }

        return $pairs;
    }

    /** @param  list<string>  $open */
    private function prepared(Simulator $simulator, Vehicle $vehicle, array $open, Ignition $key): Car
    {
        $car = Car::true($vehicle, $vehicle, 'a');
        foreach ([...array_map(static fn (string $plug): Unplug => new Unplug($plug), $open), new TurnKey($key)] as $action) {
            $car = $simulator->predict($car, $action)[0]->car;
        }

        return $car;
    }

    private function reading(Simulator $simulator, Car $car, MeterFunction $function, string $first, string $second): ?float
    {
        $prediction = $simulator->predict($car, new Measure($function, $first, $second))[0]->prediction;
        $feature = $prediction->features['reading'] ?? null;

        return $feature instanceof \Lernfall\Bay\Contract\NumberFeature ? ($feature->overload ? INF : $feature->mean) : null;
    }
}
