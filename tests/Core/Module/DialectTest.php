<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scan\ScanTool;
use Lernfall\Format\VehicleReader;
use Lernfall\Module\StandardCode;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** One fault, told in the dialects that modules and tools speak. Tables are invented; the byte rule is checked against the standard. */
final class DialectTest extends TestCase
{
    /** ISO 15031-6: two bits for the system, two for the first digit, three hexadecimal digits. */
    public function test_codes_of_every_car_are_two_bytes_of_the_chassis_system(): void
    {
        foreach (['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'] as $car) {
            foreach (Workbench::vehicle($car)->module->dialect->baseCodes as $code) {
                [$high, $low] = StandardCode::fromText($code)->bytes();
                self::assertSame(0b01, $high >> 6, "$code is a C-code");
                self::assertSame($code, StandardCode::fromBytes($high, $low)->text());
            }
        }
    }

    public function test_the_makers_own_number_stands_beside_the_code_and_an_older_terminal_shows_it_in_hexadecimal(): void
    {
        $bench = $this->bench(Workbench::json('core/Vehicle/BuiltIn/brack-22.json'));
        $read = $bench->do(new ReadCodes);
        $own = $read->word('C0035-13.own');
        self::assertSame('present', $read->word('C0035-13'));
        self::assertSame('5210', $own);

        $older = $bench->do(new ReadCodes(tool: ScanTool::Older));
        self::assertSame(['145A' => 'present'], Workbench::codes($older));
        self::assertSame((int) $own, hexdec('145A'), 'one and the same number');
    }

    public function test_three_families_number_the_same_corner_three_times(): void
    {
        $document = Workbench::json('core/Vehicle/BuiltIn/brack-22.json');
        $document['module']['ownNumbers'] = [];
        $document['module']['companions'] = [];
        $document['module']['failureTypes']['pattern'] = '39';
        foreach (['FL' => 1, 'FR' => 2, 'RL' => 3, 'RR' => 4] as $channel => $corner) {
            $document['module']['codeTable'][$channel] = [
                ...array_fill_keys(['open', 'short-to-ground', 'short-to-supply', 'shorted-together'], "C1A2$corner"),
                ...array_fill_keys(['no-signal', 'erratic'], "C1A4$corner"), 'pattern' => "C1A6$corner",
            ];
        }

        self::assertSame(['C1A21'], array_keys(Workbench::codes($this->bench($document)->do(new ReadCodes))));
        self::assertSame(['C1A41'], array_keys(Workbench::codes($this->bench($document, 'sensor-stuck-low')->do(new ReadCodes))));
        self::assertSame(['C1A61'], array_keys(Workbench::codes($this->bench($document, 'tooth-missing')->do(new ReadCodes))));
    }

    public function test_one_code_for_everything_about_a_circuit_takes_the_graver_state(): void
    {
        $vehicle = Workbench::vehicle('ostrel-t2');
        $codes = [];
        foreach (['coil-open', 'coil-grounded', 'gap-large', 'tooth-missing'] as $kind) {
            $codes[] = $vehicle->module->dialect->code('RL', $kind === 'tooth-missing' ? 'erratic' : 'open');
        }

        self::assertSame(['5'], array_values(array_unique($codes)));
        self::assertSame('E', $vehicle->module->dialect->ports['RL'], 'and the maker names the port, not the wheel');
    }

    private function bench(mixed $document, string $kind = 'loom-open'): Workbench
    {
        $vehicle = VehicleReader::read($document);
        $fault = Workbench::catalogue()->fault($vehicle, $kind, 'FL', $kind === 'loom-open' ? '1' : '');
        $bench = Workbench::with(Car::true($fault->applyTo($vehicle), $vehicle, 'a'));
        $bench->do(new TurnKey(Ignition::Running), new RoadTest);

        return $bench;
    }
}
