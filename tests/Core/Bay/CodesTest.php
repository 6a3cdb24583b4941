<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\EndSession;
use Lernfall\Bay\Scan\ReadCodes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class CodesTest extends TestCase
{
    /** @return array<string, array{string, string, ?float, array<string, string>}> */
    public static function faults(): array
    {
        return [
            'coil open' => ['coil-open', '', null, ['C0040-13' => 'present']],
            'loom wire open' => ['loom-open', '2', null, ['C0040-13' => 'present']],
            'dead short on the first wire' => ['loom-grounded', '1', 0.5, ['C0040-11' => 'present']],
            'faint leak' => ['loom-grounded', '1', 14000.0, []],
            'mild corrosion' => ['plug-corroded', '1', 420.0, []],
            'heavy corrosion' => ['plug-corroded', '1', 26000.0, ['C0040-13' => 'present']],
            'gap a little large' => ['gap-large', '', 0.00035, []],
            'gap far too large' => ['gap-large', '', 0.0016, ['C0040-31' => 'present']],
            'tooth missing' => ['tooth-missing', '', 1.0, ['C0040-2F' => 'present']],
        ];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('faults')]
    public function test_a_drive_leaves_the_codes_that_the_strength_deserves(string $kind, string $conductor, ?float $strength, array $expected): void
    {
        $bench = Workbench::withFault($kind, 'FR', $conductor, $strength);
        $bench->do(new TurnKey(Ignition::Running), new RoadTest);

        self::assertSame($expected, Workbench::codes($bench->do(new ReadCodes)));
        self::assertSame($expected === [] ? 'off' : 'on', $bench->do(new EndSession, new LookAtLamps)->word('abs'));
    }

    public function test_a_healthy_car_sets_no_code_whatever_its_seed(): void
    {
        foreach (range(1, 40) as $seed) {
            $bench = Workbench::healthy("seed $seed");
            $bench->do(new TurnKey(Ignition::Running), new RoadTest);
            self::assertSame([], Workbench::codes($bench->do(new ReadCodes)), "seed $seed");
        }
    }

    public function test_after_clearing_a_ring_fault_comes_back_only_when_driven(): void
    {
        $bench = Workbench::withFault('tooth-missing', 'RL');
        $bench->do(new TurnKey(Ignition::Running), new RoadTest, new ClearCodes);
        $bench->do(new TurnKey(Ignition::Off), new TurnKey(Ignition::Running));
        self::assertSame([], Workbench::codes($bench->do(new ReadCodes)));

        $bench->do(new RoadTest);
        self::assertSame(['C0045-2F' => 'present'], Workbench::codes($bench->do(new ReadCodes)));
    }

    public function test_a_mended_wire_leaves_history_until_cleared(): void
    {
        $bench = Workbench::withFault('loom-open', 'RR', '1');
        $bench->do(new TurnKey(Ignition::On), new TurnKey(Ignition::Off), new Repair(RepairKind::RepairLoom, 'RR'), new TurnKey(Ignition::On));
        self::assertSame(['C0050-13' => 'history'], Workbench::codes($bench->do(new ReadCodes)));

        $bench->do(new ClearCodes);
        self::assertSame([], Workbench::codes($bench->do(new ReadCodes)));
    }

    public function test_an_unplugged_module_does_not_answer_and_the_lamp_says_so(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('module-plug'), new TurnKey(Ignition::On));

        self::assertSame('no', $bench->do(new ReadCodes)->word('answer'));
        self::assertSame('on', $bench->do(new EndSession, new LookAtLamps)->word('abs'));
    }
}
