<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Circuit\InputVoltages;
use Lernfall\Module\Failure;
use Lernfall\Module\KeyOnCheck;
use Lernfall\Module\Listening;
use Lernfall\Sensor\Current\CurrentInput;
use Lernfall\Sensor\ThreeWire\SwitchInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class KeyOnCheckTest extends TestCase
{
    /** @return array<string, array{InputVoltages, ?Failure}> */
    public static function voltages(): array
    {
        return [
            'a sensor between the wires' => [new InputVoltages(2.8, 2.2), null],
            'nothing between the wires' => [new InputVoltages(4.55, 0.45), Failure::Open],
            'the first wire on the body' => [new InputVoltages(0.0, 0.0), Failure::ShortToGround],
            'just within the limit' => [new InputVoltages(3.1, 1.85), null],
        ];
    }

    #[DataProvider('voltages')]
    public function test_the_bias_voltages_tell_what_is_wrong(InputVoltages $voltages, ?Failure $expected): void
    {
        $check = new KeyOnCheck(Workbench::vehicle()->module->monitors);
        $seen = array_values(array_filter(Failure::cases(), static fn (Failure $failure): bool => $check->sees($failure, Listening::at(Workbench::vehicle()->channel('FL')), $voltages, 0.0)));

        self::assertSame($expected === null ? [] : [$expected], $seen);
    }

    public function test_a_module_with_wider_limits_lets_more_pass(): void
    {
        $check = new KeyOnCheck(Workbench::vehicle()->module->monitors);
        $border = new InputVoltages(3.16, 1.84);

        self::assertTrue($check->sees(Failure::Open, Listening::at(Workbench::vehicle()->channel('FL')), $border, 0.0));
        self::assertFalse($check->sees(Failure::Open, Listening::at(Workbench::vehicle()->channel('FL')), $border, 1.0));
    }

    /**
     * Against what the car's own input asks for: its weak test level, its least current, its least supply.
     *
     * @return array<string, array{string, float, float, float, ?Failure}> car, share of the least volts, of the least current through the sensor or from the supply
     */
    public static function active(): array
    {
        return [
            'two-wire, in order' => ['lendo-15', 2.0, 2.0, 0.0, null],
            'two-wire, no current flows' => ['lendo-15', 2.0, 0.0, 0.0, Failure::Open],
            'two-wire, too little current' => ['lendo-15', 2.0, 0.9, 0.0, Failure::Open],
            'two-wire, no voltage builds up' => ['lendo-15', 0.5, 0.0, 0.0, Failure::ShortToGround],
            'three-wire, in order' => ['brack-22', 1.5, 0.0, 2.0, null],
            'three-wire, nothing is taken' => ['brack-22', 1.5, 0.0, 0.0, Failure::Open],
            'three-wire, the supply breaks down' => ['brack-22', 0.2, 0.0, 2.0, Failure::ShortToGround],
        ];
    }

    #[DataProvider('active')]
    public function test_an_active_channel_is_judged_by_its_supply(string $car, float $volts, float $through, float $taken, ?Failure $expected): void
    {
        $vehicle = Workbench::vehicle($car);
        $input = $vehicle->channel('FL')->moduleEnd->input;
        $measured = match (true) {
            $input instanceof CurrentInput => new InputVoltages($volts * $input->test->leastVolts, 0.0, $through * $input->test->leastAmperes),
            $input instanceof SwitchInput => new InputVoltages($volts * $input->supply->leastSupplyVolts, 0.0, 0.0, $taken * $input->supply->leastSupplyAmperes),
            default => self::fail('the first car is tested above'),
        };
        $check = new KeyOnCheck($vehicle->module->monitors);
        $seen = array_values(array_filter(Failure::cases(), static fn (Failure $failure): bool => $check->sees($failure, $input, $measured, 0.0)));

        self::assertSame($expected === null ? [] : [$expected], $seen);
    }

    public function test_a_supply_from_elsewhere_lifts_a_two_wire_channel_above_its_own_level(): void
    {
        $vehicle = Workbench::vehicle('lendo-15');
        $input = $vehicle->channel('FL')->moduleEnd->input;
        self::assertInstanceOf(CurrentInput::class, $input);

        self::assertTrue((new KeyOnCheck($vehicle->module->monitors))->sees(Failure::ShortToSupply, $input, new InputVoltages(12.4, 0.0, $input->test->leastAmperes), 0.0));
        self::assertFalse((new KeyOnCheck($vehicle->module->monitors))->sees(Failure::ShortToSupply, $input, new InputVoltages($input->test->volts, 0.0, $input->test->leastAmperes), 0.0));
    }

    /** What only a turning wheel can show is never found at key-on. */
    public function test_no_signal_is_not_found_at_rest(): void
    {
        foreach (['harl-13', 'lendo-15', 'brack-22'] as $car) {
            $vehicle = Workbench::vehicle($car);
            foreach ([new InputVoltages(0.0, 0.0), new InputVoltages(12.0, 12.0, 1.0, 1.0)] as $measured) {
                foreach ([Failure::NoSignal, Failure::Erratic] as $failure) {
                    self::assertFalse((new KeyOnCheck($vehicle->module->monitors))->sees($failure, Listening::at($vehicle->channel('FL')), $measured, 0.0));
                    self::assertFalse($failure->isElectrical());
                }
            }
        }
    }
}
