<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Arrival;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\Simulator;
use Lernfall\Evidence\Advice\Journeyman;
use Lernfall\Evidence\Advice\Outcomes;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Which faults no test tells from each other is said beforehand, in weighing.json, and holds. */
final class AlikeTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function alike(): iterable
    {
        foreach (Workbench::suspects()->weighing->alike as $kinds) {
            foreach (glob(dirname(__DIR__, 4).'/core/Vehicle/BuiltIn/*.json') ?: [] as $file) {
                $vehicle = Workbench::vehicle(basename($file, '.json'));
                $places = array_map(static fn (string $kind): array => Workbench::catalogue()->entry($kind)->kind->places($vehicle), $kinds);
                if (array_intersect(...$places) !== []) {
                    yield implode(', ', $kinds)." on $vehicle->id" => [$vehicle->id, $kinds];
                }
            }
        }
    }

    /** @param  list<string>  $kinds */
    #[DataProvider('alike')]
    public function test_no_test_tells_them_apart(string $id, array $kinds): void
    {
        $vehicle = Workbench::vehicle($id);
        foreach (array_intersect(...array_map(static fn (string $kind): array => Workbench::catalogue()->entry($kind)->kind->places($vehicle), $kinds)) as $place) {
            self::assertSame([], $this->toldApartBy($vehicle, $kinds[0], $kinds[1], $place));
        }
    }

    public function test_what_can_be_told_apart_is(): void
    {
        self::assertContains('ohms-sensor', $this->toldApartBy(Workbench::vehicle(), 'coil-open', 'plug-unlatched', 'FR'));
    }

    /** @return list<string> ids of the tests whose outcomes they share less than half of the time */
    private function toldApartBy(Vehicle $vehicle, string $one, string $other, string $place): array
    {
        $simulator = Workbench::simulator();
        $cars = [$this->looked($vehicle, $one, $place, $simulator), $this->looked($vehicle, $other, $place, $simulator)];
        $sound = $this->looked($vehicle, '', '', $simulator);
        $by = [];
        foreach ((new Trials($simulator->workshop))->on($vehicle, $cars[0]->state) as $trial) {
            [$mine, $its] = (new Outcomes($simulator))->of($trial, $cars, [false, false], $sound);
            $shared = array_sum(array_map(static fn (string $outcome, float $chance): float => min($chance, $its[$outcome] ?? 0.0), array_keys($mine), $mine));
            if ($shared < 0.5) {
                $by[] = $trial->id;
            }
        }

        return $by;
    }

    private function looked(Vehicle $vehicle, string $kind, string $place, Simulator $simulator): Car
    {
        $car = Arrival::of(Car::hypothesis($kind === '' ? $vehicle : Workbench::catalogue()->fault($vehicle, $kind, $place)->applyTo($vehicle), $vehicle));
        foreach (Journeyman::firstLook($vehicle) as $action) {
            $car = Branch::likeliest($simulator->predict($car, $action))->car;
        }

        return $car;
    }
}
