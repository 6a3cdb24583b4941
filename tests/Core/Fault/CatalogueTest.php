<?php

declare(strict_types=1);

namespace Tests\Core\Fault;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Evidence\Preview\Cell;
use Lernfall\Evidence\Preview\CountedCell;
use Lernfall\Evidence\Preview\Preview;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * Every kind of fault, in its strongest form, at one corner of every sensor technology: the code it sets after a drive,
 * and the tests in which it must show. Other corners stay as they are.
 */
final class CatalogueTest extends TestCase
{
    /** Of the kinds on every technology, in a usual run. */
    private const SAMPLE = 90;

    /** Car and corner by technology. */
    private const CORNERS = [
        'passive' => ['harl-13', 'FR'], 'passive, by lamp' => ['mirl-10', 'FR'], 'passive, trailer' => ['ostrel-t2', 'RR'], 'current' => ['lendo-15', 'FR'], 'pulse-width' => ['lendo-15', 'RR'],
        'sinking' => ['brack-22', 'FR'], 'sourcing' => ['brack-22', 'RR'],
    ];

    /** What a module that does not tell ring faults or steady deviations sets instead. */
    private const LESS_FINELY = ['39' => '2F', '62' => ''];

    /** A module that blinks knows two groups a corner, or one. */
    private const BLINKS = ['mirl-10' => ['22', '26'], 'ostrel-t2' => ['6', '6']];

    private const STANDSTILL = ['11', '12', '13', '1A'];

    /** By the car's fuse and relay, not by a corner: nothing can be read out, and the supply tells where it is lost. */
    private const WHOLE_CAR = [
        'fuse-blown' => ['feed-at-module', 'feed-drop-fuse', 'look-fuse'],
        'relay-burnt' => ['feed-at-module', 'feed-drop-supply'],
        'ground-rusty' => ['feed-at-module', 'feed-drop-ground', 'look-ground'],
        'battery-flat' => ['feed-at-module', 'battery-volts'],
        // nothing comes out of it although everything goes in
        'module-dead' => [],
    ];

    /** @return array<string, array{string, string, string, list<string>}> technology, kind, failure type, tests */
    public static function faults(): array
    {
        $faults = [];
        foreach (KindTables::byTechnology() as $technology => $table) {
            foreach ($table as $kind => [$type, $tests]) {
                $faults["$kind, $technology"] = [$technology, $kind, $type, $tests];
            }
        }

        return Sweep::of($faults, self::SAMPLE);
    }

    /** @param  list<string>  $tests */
    #[DataProvider('faults')]
    public function test_a_fault_sets_its_code_and_shows_where_it_must(string $technology, string $kind, string $type, array $tests): void
    {
        [$car, $corner] = self::CORNERS[$technology];
        $vehicle = Workbench::vehicle($car);
        $entry = Workbench::catalogue()->entry($kind);
        $strongest = $entry->strengths[count($entry->strengths) - 1];
        $rows = Preview::of(Workbench::case([[$kind, $corner, $entry->kind->onConductor ? '1' : '', $strongest]], $vehicle), Workbench::simulator())->rows;

        $types = $vehicle->module->dialect->failureTypes;
        $type = in_array($type, $types, true) ? $type : (self::LESS_FINELY[$type] ?? $type);
        if (isset(self::BLINKS[$car])) {
            self::assertSame($type === '' ? [] : [self::BLINKS[$car][in_array($type, self::STANDSTILL, true) ? 0 : 1]], $this->blinked($rows['lamp-codes'][Vehicle::WHOLE]));
            unset($rows['lamp-codes']);
        } elseif ($type !== '*') {
            self::assertSame($type === '' ? [] : [$vehicle->module->dialect->baseCodes[$corner]."-$type"], $this->present($rows['codes'][$corner]));
        }
        foreach (array_intersect($tests, array_keys($rows)) as $test) {
            self::assertTrue($rows[$test][$corner]->differs, $test);
        }
        foreach ($rows as $test => $cells) {
            foreach (array_diff_key($cells, [$corner => true], $this->sharing($vehicle, $corner)) as $other => $cell) {
                self::assertFalse($cell->differs, "$test at $other");
            }
        }
    }

    /** What shows at two corners at once has tests of its own. */
    public function test_the_tables_hold_every_kind_that_fits(): void
    {
        foreach (KindTables::byTechnology() as $technology => $table) {
            [$car, $corner] = self::CORNERS[$technology];
            $fitting = array_keys(array_filter(Workbench::catalogue()->entries, static fn ($entry): bool => ! in_array($entry->kind->station, ['hydraulics', 'brakes'], true) && $entry->kind->defect !== 'channels-crossed' && in_array($corner, $entry->kind->places(Workbench::vehicle($car)), true)));

            self::assertEqualsCanonicalizing($fitting, array_keys($table));
        }
    }

    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['brack-22'])]
    public function test_a_fault_of_the_supply_shows_along_the_supply(string $car): void
    {
        $vehicle = Workbench::vehicle($car);
        foreach (self::WHOLE_CAR as $kind => $tests) {
            $entry = Workbench::catalogue()->entry($kind);
            $preview = Preview::of(Workbench::case([[$kind, Vehicle::WHOLE, '', $entry->strengths[count($entry->strengths) - 1]]], $vehicle), Workbench::simulator());

            self::assertTrue($preview->lamps->differs, "$kind lights the lamps");
            foreach ($vehicle->channelIds() as $channel) {
                self::assertTrue($preview->rows['codes'][$channel]->differs, "$kind: nothing can be read at $channel");
                self::assertFalse($preview->rows['ohms-sensor'][$channel]->differs, "$kind leaves the sensor of $channel alone");
            }
            foreach ($tests as $test) {
                self::assertTrue($preview->rows[$test][Vehicle::WHOLE]->differs, "$kind, $test");
            }
        }
        self::assertEqualsCanonicalizing(array_keys(self::WHOLE_CAR), array_keys(array_filter(Workbench::catalogue()->entries, static fn ($entry): bool => $entry->kind->scope->wholeCar && in_array($entry->kind->station, ['supply', 'module'], true))));
    }

    public function test_a_healthy_car_of_any_kind_sets_no_code_whatever_its_seed(): void
    {
        foreach (['harl-13', 'lendo-15', 'brack-22'] as $car) {
            foreach (range(1, 25) as $seed) {
                $bench = Workbench::healthyCar($car, "seed $seed");
                $bench->do(new TurnKey(Ignition::Running), new RoadTest);
                self::assertSame([], Workbench::codes($bench->do(new ReadCodes)), "$car seed $seed");
            }
        }
    }

    /** @return array<string, true> corners that lose their supply with this one */
    private function sharing(Vehicle $vehicle, string $corner): array
    {
        $supply = static fn (string $id): string => $vehicle->channel($id)->moduleEnd->input->sharedSupply();

        return array_fill_keys($supply($corner) === '' ? [] : array_filter($vehicle->channelIds(), static fn (string $id): bool => $supply($id) === $supply($corner)), true);
    }

    /** @return list<string> what an attentive eye counts */
    private function blinked(Cell $cell): array
    {
        $lamp = $cell->faulty['lamp'];
        self::assertInstanceOf(CategoryFeature::class, $lamp);

        return $lamp->likeliest() === CountedCell::NONE ? [] : explode(', ', $lamp->likeliest());
    }

    /** @return list<string> */
    private function present(Cell $cell): array
    {
        return array_keys(array_filter($cell->faulty, static fn ($feature): bool => $feature instanceof CategoryFeature && $feature->likeliest() === 'present'));
    }
}
