<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\Workbench;

/**
 * Readings against the circuit simulator ngspice. The circuits in circuits/ were drawn by hand from the car's data
 * sheet, meter included; their first lines say which fault, plugs and pads they stand for.
 */
final class SpiceTest extends TestCase
{
    /** The meter's highest resistance range; above it, its display shows overload. */
    private const GREATEST_OHMS = 40e6;

    /** @return array<string, array{string}> */
    public static function circuits(): array
    {
        $circuits = [];
        foreach (glob(__DIR__.'/circuits/*.cir') ?: [] as $file) {
            $circuits[basename($file, '.cir')] = [$file];
        }

        return $circuits;
    }

    #[DataProvider('circuits')]
    public function test_the_meter_reads_what_the_circuit_simulator_computes(string $file): void
    {
        $expected = $this->simulated($file);
        $reading = $this->predicted((string) file_get_contents($file));

        if ($reading->overload) {
            self::assertGreaterThan(self::GREATEST_OHMS, $expected);
        } else {
            self::assertEqualsWithDelta($expected, $reading->mean, max(abs($expected) * 1e-4, 1e-7));
        }
    }

    private function simulated(string $file): float
    {
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);

        return preg_match('~^reading = (\S+)~m', implode("\n", $lines), $found) === 1
            ? (float) $found[1]
            : throw new RuntimeException("ngspice gives no reading for $file: ".implode("\n", $lines));
    }

    /** On a car without deviations. */
    private function predicted(string $circuit): NumberFeature
    {
        $sound = Workbench::vehicle($this->line($circuit, 'car'));
        $fault = explode(' ', $this->line($circuit, 'fault'));
        $vehicle = $fault === ['none'] ? $sound : Workbench::catalogue()->fault(
            $sound, $fault[0], $fault[1], $fault[2] ?? '', isset($fault[3]) ? (float) $fault[3] : null,
        )->applyTo($sound);
        $car = Car::hypothesis($vehicle, $sound);
        $simulator = Workbench::simulator();
        foreach (explode('; ', $this->line($circuit, 'do')) as $step) {
            foreach ($this->actions($step) as $action) {
                $car = Branch::likeliest($simulator->predict($car, $action))->car;
            }
        }
        [$function, $first, $second] = explode(' ', $this->line($circuit, 'read'));
        $feature = $this->branch($circuit, $simulator->predict($car, new Measure(MeterFunction::from($function), $first, $second)))->prediction->features['reading'];
        self::assertInstanceOf(NumberFeature::class, $feature);

        return $feature;
    }

    /**
     * With a tooth in front of an active sensor or without, as the circuit says.
     *
     * @param  non-empty-list<Branch>  $branches
     */
    private function branch(string $circuit, array $branches): Branch
    {
        $tooth = preg_match('~^\* tooth: yes$~m', $circuit) === 1;
        foreach ($branches as $branch) {
            if (array_filter($branch->car->state->record->settled, static fn (bool $outcome, string $event): bool => str_starts_with($event, 'tooth.') && $outcome === $tooth, ARRAY_FILTER_USE_BOTH) !== []) {
                return $branch;
            }
        }

        return $branches[0];
    }

    private function line(string $circuit, string $name): string
    {
        return preg_match("~^\* $name: (.+)$~m", $circuit, $found) === 1 ? $found[1] : throw new RuntimeException("no line '$name'");
    }

    /** @return list<CarAction> */
    private function actions(string $step): array
    {
        $words = explode(' ', $step);

        return match ($words[0]) {
            'unplug' => [new Unplug($words[1])],
            'ignition' => [new TurnKey(Ignition::from($words[1]))],
            'secure' => [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)],
            'leads' => [new ConnectLeads(array_chunk(array_slice($words, 1), 2))],
            'feed' => [new FeedSensor($words[1], (float) $words[2], (float) $words[3] / 1000.0, $words[4] === 'reversed')],
            'inject' => [new Inject($words[1], InjectedShape::from($words[2]), (float) $words[3], (float) $words[4])],
            'measure' => [new Measure(MeterFunction::from($words[1]), $words[2], $words[3])],
            'turn' => [new TurnWheel($words[1], (float) $words[2])],
            default => throw new RuntimeException("unknown step '$step'"),
        };
    }
}
