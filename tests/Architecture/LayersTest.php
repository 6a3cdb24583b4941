<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Lernfall\InvalidQuantity;
use Lernfall\LernfallException;
use Lernfall\Quantity;
use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\BuildStep;
use PHPat\Test\PHPat;

/**
 * The layers of core/ point down only. Each rule names what a layer may know besides itself.
 */
final class LayersTest
{
    public function test_core_knows_no_framework(): BuildStep
    {
        return PHPat::rule()
            ->classes($this->core())
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Carbon'),
            )
            ->because('the trade is plain PHP, tested on its own');
    }

    public function test_vehicle_is_the_ground(): BuildStep
    {
        return $this->mayKnowOnly('Vehicle');
    }

    public function test_signal_knows_vehicles(): BuildStep
    {
        return $this->mayKnowOnly('Signal', 'Vehicle');
    }

    public function test_circuit_knows_vehicles_and_signals(): BuildStep
    {
        return $this->mayKnowOnly('Circuit', 'Vehicle', 'Signal');
    }

    public function test_hydraulics_know_vehicles_and_the_currents_of_their_coils(): BuildStep
    {
        return $this->mayKnowOnly('Hydraulics', 'Vehicle', 'Circuit');
    }

    public function test_faults_change_vehicles_and_nothing_else(): BuildStep
    {
        return $this->mayKnowOnly('Fault', 'Vehicle');
    }

    public function test_module_sees_a_circuit_not_a_fault(): BuildStep
    {
        return $this->mayKnowOnly('Module', 'Circuit', 'Signal', 'Vehicle', 'Chance');
    }

    public function test_the_road_stands_on_module_and_hydraulics(): BuildStep
    {
        return $this->mayKnowOnly('Road', 'Module', 'Hydraulics', 'Circuit', 'Signal', 'Vehicle');
    }

    public function test_drive_stands_on_the_module(): BuildStep
    {
        return $this->mayKnowOnly('Drive', 'Module', 'Circuit', 'Signal', 'Vehicle', 'Chance');
    }

    public function test_bay_stands_on_drive_and_fault(): BuildStep
    {
        return $this->mayKnowOnly('Bay', 'Road', 'Drive', 'Module', 'Hydraulics', 'Circuit', 'Signal', 'Fault', 'Vehicle', 'Chance');
    }

    public function test_sensors_stand_on_circuit_and_module(): BuildStep
    {
        return $this->mayKnowOnly('Sensor', 'Module', 'Circuit', 'Signal', 'Vehicle');
    }

    public function test_evidence_stands_on_the_bay(): BuildStep
    {
        return $this->mayKnowOnly('Evidence', 'Bay', 'Drive', 'Module', 'Circuit', 'Signal', 'Fault', 'Vehicle', 'Chance');
    }

    public function test_marking_does_not_know_formats(): BuildStep
    {
        return $this->mayKnowOnly('Marking', 'Evidence', 'Bay', 'Drive', 'Module', 'Circuit', 'Signal', 'Fault', 'Vehicle', 'Chance');
    }

    public function test_the_lab_stands_on_the_bay(): BuildStep
    {
        return $this->mayKnowOnly('Lab', 'Bay', 'Road', 'Sensor', 'Module', 'Circuit', 'Signal', 'Fault', 'Vehicle');
    }

    private function core(): SelectorInterface
    {
        return Selector::inNamespace('Lernfall');
    }

    private function mayKnowOnly(string $layer, string ...$below): BuildStep
    {
        $known = array_map(
            static fn (string $name): SelectorInterface => Selector::inNamespace('Lernfall\\'.$name),
            [$layer, 'Document', ...$below],
        );
        array_push($known, Selector::classname(LernfallException::class), Selector::classname(Quantity::class), Selector::classname(InvalidQuantity::class));

        return PHPat::rule()
            ->classes(Selector::inNamespace('Lernfall\\'.$layer))
            ->canOnly()->dependOn()
            ->classes(...$known)
            ->because("core/$layer may know only itself and what lies below it");
    }
}
