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

    /** Failure-type byte after a drive, then tests that must differ from a sound car; two wires, then three. */
    private const PASSIVE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-unplugged', 'ac-at-module', 'look-gap']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        // short of touching the sensor it only makes the amplitude swing
        'ring-bent' => ['', ['ac-unplugged', 'ac-at-module']],
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
        // no short drive makes it hot: the code is an old one
        'coil-opens-hot' => ['', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'pigtail-broken' => ['2F', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'sensor-wrong-part' => ['', ['ohms-sensor', 'ac-unplugged', 'look-tip']],
        'sensor-other-make' => ['', ['ohms-sensor', 'look-tip']],
        // its coil is as it should be: ohms prove nothing here
        'sensor-other-direction' => ['31', ['ac-unplugged', 'ac-at-module', 'look-tip']],
        // a pair with one wire on the body still carries its signal, and the module watches its levels
        'loom-chafed' => ['11', ['ohms-first-to-body', 'bias-joined', 'look-cable']],
        'loom-untwisted' => ['2F', ['speed-driving', 'look-cable']],
        'ring-lifted' => ['', ['ac-unplugged', 'look-ring']],
        'bearing-play' => ['', ['rock-wheel']],
        ...self::ON_ANY_SENSOR,
    ];

    /** A module that blinks knows two groups a corner, or one. */
    private const BLINKS = ['mirl-10' => ['22', '26'], 'ostrel-t2' => ['6', '6']];

    private const STANDSTILL = ['11', '12', '13', '1A'];

    /** What a sensor of any kind shows alike; the codes of the last two are history. */
    private const ON_ANY_SENSOR = [
        'ring-loose' => ['2F', ['speed-driving', 'rock-wheel']],
        'ring-wrong' => ['62', ['speed-driving']],
        'sensor-loose' => ['2F', ['rock-wheel']],
        'plug-unlatched' => ['2F', ['look-sensor-plug']],
        'tyre-other-size' => ['62', ['speed-driving', 'look-tyre']],
        'old-code' => ['', ['codes']],
        'spun-on-lift' => ['', ['codes']],
    ];

    /** What active sensors of any kind show alike. */
    private const ON_ANY_ACTIVE_SENSOR = [
        // silent: levels need no twist, and no even gap as long as it stays within reach
        'loom-untwisted' => ['', ['look-cable']],
        'bearing-play' => ['', ['rock-wheel']],
        'ring-bent' => ['', ['look-ring']],
        ...self::ON_ANY_SENSOR,
    ];

    /** By the car's fuse and relay, not by a corner: nothing can be read out, and the supply tells where it is lost. */
    private const WHOLE_CAR = [
        'fuse-blown' => ['feed-at-module', 'feed-drop-fuse', 'look-fuse'],
        'relay-burnt' => ['feed-at-module', 'feed-drop-supply'],
        'ground-rusty' => ['feed-at-module', 'feed-drop-ground', 'look-ground'],
        'battery-flat' => ['feed-at-module', 'battery-volts'],
        // nothing comes out of it although everything goes in
        'module-dead' => [],
    ];

    /** Without teeth it sends its sign of life, whose alternating part is about that of its pulses. */
    private const ALIVE = [
        'gap-large' => ['31', ['gauge-gap', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'speed-driving']],
        'sensor-other-direction' => ['31', ['speed-driving', 'look-tip']],
        'bearing-reversed' => ['31', ['speed-driving']],
    ];

    private const ENCODER = [
        'encoder-damaged' => ['39', ['look-ring', 'speed-driving']],
        'bearing-reversed' => ['31', ['ac-first-turning', 'speed-driving']],
    ];

    /** A lamp tells old codes from present ones by nothing. */
    private const BY_LAMP = [
        'old-code' => ['13', []], 'spun-on-lift' => ['31', []],
        'coil-opens-hot' => ['13', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
    ] + self::PASSIVE;

    /**
     * The strongest signals of all: dust or a part that looks past the ring takes away most, and what is left is counted.
     * Its module watches how even the amplitude is over a turn.
     */
    private const TRAILER = [
        'ring-bent' => ['39', ['ac-unplugged']], 'bearing-play' => ['39', ['ac-unplugged', 'rock-wheel']], 'tooth-chipped' => ['39', ['look-ring']],
        'ring-dirty' => ['39', ['look-ring']], 'ring-lifted' => ['39', ['ac-unplugged', 'look-ring']],
        // half a coil is left between its pins, the other lies on ground at both ends
        'coil-grounded' => ['', ['ohms-first-to-body', 'ohms-second-to-body']],
        'tip-dusty' => ['', ['look-tip', 'ac-unplugged']], 'sensor-other-direction' => ['', ['look-tip', 'ac-unplugged']],
    ] + self::BY_LAMP + self::EXTENDED;

    /** Only the rear of the van and the trailer have an extension cable. */
    private const EXTENDED = [
        'extension-open' => ['13', ['ohms-from-module-plug', 'supply-at-sensor']],
        'body-plug-corroded' => ['13', ['supply-at-sensor', 'look-body-plug']],
    ];

    /** Rings with poles have no teeth to lose. */
    private const TOOTHED = ['tooth-missing' => 0, 'tooth-chipped' => 0, 'ring-lifted' => 0];

    private const TWO_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-first-turning', 'speed-driving']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        'ring-dirty' => ['39', ['look-ring', 'speed-driving']],
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
        'module-switch-dead' => ['31', ['supply-at-sensor', 'ac-first-turning', 'speed-driving']],
        'plug-pins-swapped' => ['*', ['supply-at-sensor', 'look-sensor-plug']],
        'pigtail-broken' => ['2F', ['supply-at-sensor', 'ac-first-turning']],
        'sensor-wrong-part' => ['31', ['ac-first-turning', 'speed-driving', 'look-tip']],
        'sensor-other-direction' => ['31', ['ac-first-turning', 'speed-driving', 'look-tip']],
        'loom-chafed' => ['11', ['ohms-first-to-body', 'supply-at-sensor', 'look-cable']],
        'ring-lifted' => ['', ['look-ring']],
        ...self::ON_ANY_ACTIVE_SENSOR,
    ];

    private const THREE_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-third-turning', 'speed-driving']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        'ring-dirty' => ['39', ['look-ring', 'speed-driving']],
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
        'plug-pins-swapped' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'pigtail-broken' => ['2F', ['ohms-sensor', 'ac-third-turning']],
        'sensor-wrong-part' => ['31', ['dc-third-turning', 'speed-driving', 'look-tip']],
        'loom-chafed' => ['11', ['ohms-first-to-body', 'supply-at-sensor', 'look-cable']],
        'ring-lifted' => ['', ['look-ring']],
        ...self::ON_ANY_ACTIVE_SENSOR,
    ];

    /** @return array<string, array<string, array{string, list<string>}>> by technology */
    private static function tables(): array
    {
        return [
            'passive' => self::PASSIVE, 'passive, by lamp' => self::BY_LAMP, 'passive, trailer' => self::TRAILER, 'current' => self::TWO_WIRE, 'pulse-width' => self::ALIVE + array_diff_key(self::TWO_WIRE, self::TOOTHED) + self::ENCODER,
            'sinking' => self::THREE_WIRE, 'sourcing' => self::THREE_WIRE + self::EXTENDED,
        ];
    }

    /** @return array<string, array{string, string, string, list<string>}> technology, kind, failure type, tests */
    public static function faults(): array
    {
        $faults = [];
        foreach (self::tables() as $technology => $table) {
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

    public function test_the_tables_hold_every_kind_that_fits(): void
    {
        foreach (self::tables() as $technology => $table) {
            [$car, $corner] = self::CORNERS[$technology];
            $fitting = array_keys(array_filter(Workbench::catalogue()->entries, static fn ($entry): bool => ! in_array($entry->kind->station, ['hydraulics', 'brakes'], true) && in_array($corner, $entry->kind->places(Workbench::vehicle($car)), true)));

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
