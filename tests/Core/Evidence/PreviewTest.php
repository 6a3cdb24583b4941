<?php

declare(strict_types=1);

namespace Tests\Core\Evidence;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Evidence\Preview\Preview;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class PreviewTest extends TestCase
{
    /** @return array<string, array{string, string, list<string>}> */
    public static function differences(): array
    {
        return [
            'coil open' => ['coil-open', '', ['codes', 'ohms-sensor', 'ohms-from-module-plug', 'ac-unplugged', 'ac-at-module', 'bias-joined', 'speed-driving']],
            'loom wire open' => ['loom-open', '2', ['codes', 'ohms-from-module-plug', 'ohms-second-through', 'ac-at-module', 'bias-joined', 'bias-open-plug', 'speed-driving']],
            'loom wire to ground' => ['loom-grounded', '1', ['codes', 'ohms-first-to-body', 'ohms-second-to-body', 'bias-joined', 'bias-open-plug', 'look-cable']],
            'plug corroded' => ['plug-corroded', '1', ['codes', 'ohms-from-module-plug', 'ac-at-module', 'bias-joined', 'look-sensor-plug']],
            'gap too large' => ['gap-large', '', ['codes', 'ac-unplugged', 'ac-at-module', 'speed-driving', 'look-gap', 'gauge-gap']],
            'tooth missing' => ['tooth-missing', '', ['codes', 'speed-driving', 'look-ring']],
        ];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('differences')]
    public function test_each_fault_shows_where_it_must_and_nowhere_else(string $kind, string $conductor, array $expected): void
    {
        $differing = [];
        foreach (Preview::of(Workbench::case([[$kind, 'FR', $conductor]]), Workbench::simulator())->rows as $test => $cells) {
            foreach ($cells as $channel => $cell) {
                if ($cell->differs) {
                    $differing[$channel][] = $test;
                }
            }
        }

        self::assertSame(['FR' => $expected], $differing);
    }

    public function test_changing_the_coil_changes_every_cell_that_depends_on_it_and_no_other(): void
    {
        $document = Workbench::json('core/Vehicle/BuiltIn/harl-13.json');
        $document['channels']['RL']['sensor']['coilOhmsAt20Celsius'] = 1720;
        $faults = [['gap-large', 'FR']];
        $before = Preview::of(Workbench::case($faults), Workbench::simulator());
        $after = Preview::of(Workbench::case($faults, VehicleReader::read($document)), Workbench::simulator());

        $changed = [];
        foreach ($before->rows as $test => $cells) {
            foreach ($cells as $channel => $cell) {
                if ($cell->faulty != $after->rows[$test][$channel]->faulty) {
                    $changed[] = "$test $channel";
                }
            }
        }

        self::assertSame(['ohms-sensor RL', 'ohms-from-module-plug RL', 'ac-unplugged RL', 'ac-at-module RL', 'bias-joined RL'], $changed);
        self::assertEquals($before->lamps, $after->lamps);
    }

    public function test_what_is_uncertain_is_shown_with_its_chance(): void
    {
        $sight = Preview::of(Workbench::case([['plug-corroded', 'FR', '1', 420.0]]), Workbench::simulator())->rows['look-sensor-plug']['FR']->faulty['sight'];

        self::assertInstanceOf(CategoryFeature::class, $sight);
        self::assertEqualsWithDelta(['pins-green' => 0.6, 'pins-clean' => 0.4], $sight->chances, 1e-9);
    }
}
