<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Repair\RepairKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Every repair on every fault: it cures what it should and nothing else. Common practice, no source. */
final class CureTest extends TestCase
{
    /** They let air in, and a new unit does not know its car: bleeding and coding belong to them. */
    private const OPENS_LINES = ['replace-hydraulic-unit', 'replace-brake-hose', 'mend-brake-line', 'replace-caliper', 'replace-master-cylinder'];

    /** The repairs that put a fault right, by its kind. */
    private const CURES = [
        'coil-open' => ['replace-sensor'], 'coil-shorted' => ['replace-sensor'], 'coil-grounded' => ['replace-sensor'],
        'sensor-dead' => ['replace-sensor'], 'sensor-shorted' => ['replace-sensor'], 'sensor-stuck-low' => ['replace-sensor'], 'sensor-stuck-high' => ['replace-sensor'],
        'sensor-other-make' => ['replace-sensor'],
        'tip-dusty' => ['clean-tip', 'replace-sensor'],
        'loom-open' => ['repair-loom'], 'loom-resistive' => ['repair-loom'], 'loom-grounded' => ['repair-loom'], 'loom-to-supply' => ['repair-loom'], 'loom-wires-together' => ['repair-loom'],
        'plug-corroded' => ['clean-plug'], 'plug-pin-back' => ['clean-plug'], 'plug-pins-swapped' => ['clean-plug'],
        'module-inputs-crossed' => ['clean-module-plug'], 'module-inputs-crossed-along' => ['clean-module-plug'],
        'module-plug-corroded' => ['clean-module-plug'], 'module-plug-pin-back' => ['clean-module-plug'],
        'gap-large' => ['set-gap', 'replace-hub'],
        'tooth-missing' => ['replace-hub'], 'tooth-chipped' => ['replace-hub'], 'ring-cracked' => ['replace-hub'], 'ring-bent' => ['replace-hub'],
        'ring-dirty' => ['clean-ring', 'replace-hub'],
        'module-input-dead' => ['replace-module'], 'module-supply-dead' => ['replace-module'], 'module-switch-dead' => ['replace-module'], 'module-dead' => ['replace-module'],
        'coil-opens-hot' => ['replace-sensor'], 'pigtail-broken' => ['replace-sensor'], 'sensor-wrong-part' => ['replace-sensor'], 'sensor-other-direction' => ['replace-sensor'],
        'ring-lifted' => ['replace-hub'], 'ring-swollen' => ['replace-hub'], 'ring-loose' => ['replace-hub'], 'ring-wrong' => ['replace-hub'], 'encoder-damaged' => ['replace-hub'],
        'bearing-reversed' => ['replace-hub'], 'bearing-play' => ['replace-hub'], 'sensor-loose' => ['set-gap', 'replace-hub'],
        'extension-open' => ['renew-extension'], 'body-plug-corroded' => ['renew-extension'],
        'plug-unlatched' => ['clean-plug'], 'loom-chafed' => ['repair-loom'], 'loom-untwisted' => ['repair-loom'],
        'fuse-blown' => ['replace-fuse'], 'relay-burnt' => ['replace-relay'], 'ground-rusty' => ['clean-ground'], 'battery-flat' => ['charge-battery'],
        'valve-winding-open' => ['replace-hydraulic-unit'], 'valve-stuck' => ['replace-hydraulic-unit'], 'pump-dead' => ['replace-hydraulic-unit'],
        'inlet-winding-open' => ['replace-hydraulic-unit'], 'outlet-stuck-shut' => ['replace-hydraulic-unit'], 'inlet-stuck-open' => ['replace-hydraulic-unit'], 'inlet-stuck-shut' => ['replace-hydraulic-unit'],
        'inlet-throttled' => ['replace-hydraulic-unit'], 'outlet-leaking' => ['replace-hydraulic-unit'], 'isolation-stuck-open' => ['replace-hydraulic-unit'], 'priming-stuck-shut' => ['replace-hydraulic-unit'], 'isolation-leaking' => ['replace-hydraulic-unit'], 'priming-leaking' => ['replace-hydraulic-unit'],
        'pump-relay-dead' => ['replace-pump-relay'], 'pump-relay-welded' => ['replace-pump-relay'], 'valve-relay-dead' => ['replace-valve-relay'], 'valve-relay-burnt' => ['replace-valve-relay'],
        'valve-fuse-blown' => ['replace-unit-fuse'], 'pump-wire-open' => ['mend-unit-wire'], 'unit-ground-rusty' => ['clean-unit-ground'], 'fluid-low' => ['fill-fluid'],
        'inlet-winding-high' => ['replace-hydraulic-unit'], 'inlet-leaking' => ['replace-hydraulic-unit'],
        'outlet-throttled' => ['replace-hydraulic-unit'], 'outlet-stuck-open' => ['replace-hydraulic-unit'], 'valve-winding-high' => ['replace-hydraulic-unit'], 'isolation-winding-open' => ['replace-hydraulic-unit'], 'priming-winding-open' => ['replace-hydraulic-unit'],
        'pump-half-dead' => ['replace-hydraulic-unit'], 'brake-pipes-crossed' => ['refit-brake-pipes'], 'brake-pipes-crossed-along' => ['refit-brake-pipes'], 'pump-relay-burnt' => ['replace-pump-relay'], 'valve-relay-welded' => ['replace-valve-relay'], 'pump-fuse-blown' => ['replace-unit-fuse'],
        'brake-line-leaking' => ['mend-brake-line'], 'slide-pins-seized' => ['free-slide-pins', 'replace-caliper'], 'disc-uneven' => ['replace-disc'], 'linings-worn' => ['replace-linings'],
        'hose-collapsed' => ['replace-brake-hose'], 'caliper-seized' => ['replace-caliper'], 'lining-oily' => ['replace-linings', 'replace-disc'], 'master-bypassing' => ['replace-master-cylinder'], 'assistance-lost' => ['replace-servo'],
        // whatever opens a line is bled afterwards
        'air-in-brake' => ['bleed-brakes', 'bleed-brake', 'refit-brake-pipes', ...self::OPENS_LINES],
        'stop-lamp-switch-stuck' => ['replace-stop-lamp-switch'], 'stop-lamp-switch-open' => ['replace-stop-lamp-switch'],
        'parking-brake-switch-stuck' => ['replace-parking-brake-switch'], 'parking-brake-switch-open' => ['replace-parking-brake-switch'], 'level-switch-open' => ['replace-level-switch'],
        'level-switch-stuck' => ['replace-level-switch'], 'temperature-switch-open' => ['replace-temperature-switch'], 'temperature-switch-stuck' => ['replace-temperature-switch'],
        'lamp-dead' => ['mend-lamp'], 'lamp-stuck' => ['mend-lamp'],
        'tyre-other-size' => ['fit-tyre'], 'tyre-soft' => ['inflate-tyre', 'fit-tyre'],
        // nothing is at fault: every repair leaves the car as sound as it was
        'old-code' => null, 'spun-on-lift' => null,
    ];

    /** Inside one housing with the module, relays are renewed with it. */
    private const INSIDE = ['brack-22' => ['pump-relay-dead', 'pump-relay-welded', 'pump-relay-burnt', 'valve-relay-dead', 'valve-relay-burnt', 'valve-relay-welded']];

    /** @return ?list<string> */
    private static function curesOn(string $car, string $kind): ?array
    {
        return in_array($kind, self::INSIDE[$car] ?? [], true) ? ['replace-hydraulic-unit'] : self::CURES[$kind];
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        foreach (['harl-13', 'lendo-15', 'brack-22', 'mirl-10'] as $car) {
            $vehicle = Workbench::vehicle($car);
            foreach (array_keys(self::CURES) as $kind) {
                foreach (Workbench::catalogue()->everyFault($vehicle) as $fault) {
                    if ($fault->kind->id === $kind) {
                        yield "$kind on $car" => [$car, $kind];

                        break;
                    }
                }
            }
        }
    }

    public function test_the_table_knows_every_kind_of_the_catalogue(): void
    {
        self::assertEqualsCanonicalizing(array_keys(Workbench::json('core/Fault/catalogue.json')['faults']), array_keys(self::CURES));
    }

    #[DataProvider('faults')]
    public function test_only_the_right_repairs_cure_it(string $car, string $kind): void
    {
        $vehicle = Workbench::vehicle($car);
        foreach (Workbench::catalogue()->everyFault($vehicle) as $fault) {
            if ($fault->kind->id !== $kind || $fault->channel !== $fault->kind->places($vehicle)[0]) {
                continue;
            }
            $case = Workbench::case([[$kind, $fault->channel, $fault->conductor, $fault->strength, $fault->provokedBy]], $vehicle);
            $secured = Played::on($case)->secured();
            $cured = [];
            foreach (RepairKind::cases() as $repair) {
                if ($repair->places($vehicle) === []) {
                    continue;
                }
                $place = in_array($fault->channel, $repair->places($vehicle), true) ? $fault->channel : $repair->places($vehicle)[0];
                $repaired = (clone $secured)->do(['do' => 'repair', 'kind' => $repair->value, 'channel' => $place]);
                if (in_array($repair->value, self::OPENS_LINES, true)) {
                    self::assertFalse($repaired->job->car->vehicle == $case->sound, "$repair->value is not all");
                }
                foreach ($repair->followedBy($vehicle) as $next) {
                    $repaired->do(['do' => 'repair', 'kind' => $next->value, 'channel' => 'car']);
                }
                if ($repaired->job->car->vehicle == $case->sound) {
                    $cured[] = $repair->value;
                }
            }
            if ($case->arrivedVehicle() != $case->faultyVehicle()->withLeftCodes([])) {
                self::assertSame([], $cured, 'what it has done to another part on the way is left');

                continue;
            }
            $expected = self::curesOn($car, $kind) ?? array_values(array_diff(array_map(static fn (RepairKind $one): string => $one->value, array_filter(RepairKind::cases(), static fn (RepairKind $one): bool => $one->places($vehicle) !== [])), ['tape-loom']));
            self::assertEqualsCanonicalizing($expected, $cured, $fault->key());
        }
    }

    public function test_no_repair_says_whether_it_helped(): void
    {
        $case = Workbench::case([['coil-open', 'FR']]);
        foreach (array_filter(RepairKind::cases(), static fn (RepairKind $one): bool => in_array('FR', $one->places($case->sound), true)) as $repair) {
            $there = Played::on($case)->secured()->do(['do' => 'repair', 'kind' => $repair->value, 'channel' => 'FR'])->shown();
            $elsewhere = Played::on($case)->secured()->do(['do' => 'repair', 'kind' => $repair->value, 'channel' => 'FL'])->shown();

            self::assertEquals($elsewhere, $there, $repair->value);
        }
    }
}
