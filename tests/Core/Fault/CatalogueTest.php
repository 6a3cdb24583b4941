<?php

declare(strict_types=1);

namespace Tests\Core\Fault;

use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Action\TurnKey;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Ignition;
use Lernfall\Evidence\Preview\Cell;
use Lernfall\Evidence\Preview\Preview;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/**
 * Every kind of fault, in its strongest form, at one corner of every sensor technology: the code it sets after a drive,
 * and the tests in which it must show. Other corners stay as they are.
 */
final class CatalogueTest extends TestCase
{
    /** Car and corner by technology. */
    private const CORNERS = [
        'passive' => ['harl-13', 'FR'], 'current' => ['lendo-15', 'FR'], 'pulse-width' => ['lendo-15', 'RR'],
        'sinking' => ['brack-22', 'FR'], 'sourcing' => ['brack-22', 'RR'],
    ];

    /** Failure-type byte after a drive, then tests that must differ from a sound car; two wires, then three. */
    private const PASSIVE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-unplugged', 'ac-at-module', 'look-gap']],
        'tooth-missing' => ['2F', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['2F', ['look-ring', 'speed-driving']],
        'ring-bent' => ['2F', ['ac-unplugged', 'ac-at-module']],
        'ring-dirty' => ['', ['look-ring']],
        'coil-open' => ['13', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'coil-shorted' => ['1A', ['ohms-sensor', 'ac-unplugged']],
        'coil-grounded' => ['11', ['ohms-first-to-body', 'ohms-second-to-body']],
        'tip-dusty' => ['31', ['look-tip', 'ac-unplugged']],
        'plug-corroded' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'plug-pins-swapped' => ['', ['look-sensor-plug']],
        'module-plug-corroded' => ['13', ['bias-joined', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through', 'ohms-from-module-plug']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['12', ['bias-open-plug', 'look-cable']],
        'loom-wires-together' => ['1A', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
    ];

    private const TWO_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-first-turning', 'speed-driving']],
        'tooth-missing' => ['2F', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['2F', ['look-ring', 'speed-driving']],
        // silent: an active sensor feels a wobbling ring as long as it stays within its reach
        'ring-bent' => ['', []],
        'ring-dirty' => ['2F', ['look-ring', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'ac-first-turning', 'speed-driving']],
        'sensor-dead' => ['13', ['ac-first-turning', 'speed-driving']],
        'sensor-shorted' => ['11', ['ohms-sensor', 'supply-at-sensor']],
        'sensor-stuck-low' => ['31', ['ac-first-turning', 'speed-driving']],
        'sensor-stuck-high' => ['31', ['ac-first-turning', 'speed-driving']],
        'plug-corroded' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'module-plug-corroded' => ['13', ['supply-at-sensor', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['12', ['look-cable']],
        'loom-wires-together' => ['11', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
        'module-supply-dead' => ['11', ['supply-at-sensor', 'bias-open-plug']],
        'plug-pins-swapped' => ['*', ['supply-at-sensor', 'look-sensor-plug']],
    ];

    private const THREE_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-third-turning', 'speed-driving']],
        'tooth-missing' => ['2F', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['2F', ['look-ring', 'speed-driving']],
        // silent: an active sensor feels a wobbling ring as long as it stays within its reach
        'ring-bent' => ['', []],
        'ring-dirty' => ['2F', ['look-ring', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'ac-third-turning']],
        'sensor-dead' => ['13', ['ohms-sensor', 'ac-third-turning']],
        'sensor-shorted' => ['11', ['ohms-sensor', 'supply-at-sensor']],
        'sensor-stuck-low' => ['31', ['dc-third-turning', 'ac-third-turning']],
        'sensor-stuck-high' => ['31', ['dc-third-turning', 'ac-third-turning']],
        'plug-corroded' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'module-plug-corroded' => ['13', ['supply-at-sensor', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through', 'bias-open-plug']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['13', ['look-cable']],
        'loom-wires-together' => ['11', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
        'module-supply-dead' => ['11', ['supply-at-sensor', 'bias-open-plug']],
        'plug-pins-swapped' => ['31', ['supply-at-sensor', 'look-sensor-plug']],
    ];

    /** @return array<string, array{string, string, string, list<string>}> technology, kind, failure type, tests */
    public static function faults(): array
    {
        $tables = ['passive' => self::PASSIVE, 'current' => self::TWO_WIRE, 'pulse-width' => self::TWO_WIRE, 'sinking' => self::THREE_WIRE, 'sourcing' => self::THREE_WIRE];
        $faults = [];
        foreach ($tables as $technology => $table) {
            foreach ($table as $kind => [$type, $tests]) {
                $faults["$kind, $technology"] = [$technology, $kind, $type, $tests];
            }
        }

        return $faults;
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

        if ($type !== '*') {
            self::assertSame($type === '' ? [] : [$vehicle->module->codes[$corner]."-$type"], $this->present($rows['codes'][$corner]));
        }
        foreach ($tests as $test) {
            self::assertTrue($rows[$test][$corner]->differs, $test);
        }
        foreach ($rows as $test => $cells) {
            foreach (array_diff_key($cells, [$corner => true]) as $other => $cell) {
                self::assertFalse($cell->differs, "$test at $other");
            }
        }
    }

    public function test_the_tables_hold_every_kind_that_fits(): void
    {
        foreach (['passive' => self::PASSIVE, 'current' => self::TWO_WIRE, 'sinking' => self::THREE_WIRE] as $technology => $table) {
            [$car, $corner] = self::CORNERS[$technology];
            $fitting = array_keys(array_filter(Workbench::catalogue()->entries, static fn ($entry): bool => $entry->kind->fits(Workbench::vehicle($car)->channel($corner))));

            self::assertEqualsCanonicalizing($fitting, array_keys($table));
        }
    }

    public function test_a_healthy_car_of_any_kind_sets_no_code_whatever_its_seed(): void
    {
        foreach (['lendo-15', 'brack-22'] as $car) {
            foreach (range(1, 25) as $seed) {
                $bench = Workbench::healthyCar($car, "seed $seed");
                $bench->do(new TurnKey(Ignition::Running), new RoadTest);
                self::assertSame([], Workbench::codes($bench->do(new ReadCodes)), "$car seed $seed");
            }
        }
    }

    /** @return list<string> */
    private function present(Cell $cell): array
    {
        return array_keys(array_filter($cell->faulty, static fn ($feature): bool => $feature instanceof CategoryFeature && $feature->likeliest() === 'present'));
    }
}
