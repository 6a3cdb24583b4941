<?php

declare(strict_types=1);

namespace Lernfall\Sensor\ThreeWire;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Document\Node;
use Lernfall\Quantity;
use Lernfall\Sensor\SensorKind;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Sensor;

final readonly class ThreeWireKind implements SensorKind
{
    private const SINKING = 'sinking';

    private const SOURCING = 'sourcing';

    public function technologies(): array
    {
        return [self::SINKING, self::SOURCING];
    }

    public function sensor(string $technology, Node $node): SwitchSensor
    {
        Quantity::atLeast('consumptionOhms', $node->float('consumptionOhms'), Sensor::LEAST_OHMS);
        Quantity::atLeast('onOhms', $node->float('onOhms'), Sensor::LEAST_OHMS);

        return new SwitchSensor(
            $technology === self::SINKING, $node->float('consumptionOhms'), $node->float('onOhms'), $node->float('leastVolts'), $node->float('greatestGapMillimetres') / 1000.0,
            reverseProtected: $node->has('reverseProtected') && $node->bool('reverseProtected'),
        );
    }

    public function inputName(): string
    {
        return 'switch';
    }

    public function input(Node $node): SwitchInput
    {
        return new SwitchInput(
            new SensorSupply(
                $node->float('supplyVolts'), $node->float('supplyOhms'), $node->float('offOhms'), $node->float('leastSupplyMilliamperes') / 1000.0, $node->float('leastSupplyVolts'),
                $node->has('sharedSupply') ? $node->text('sharedSupply') : '',
            ),
            $node->float('groundOhms'), $node->float('pullVolts'), $node->float('pullOhms'), $node->float('inputOhms'), $node->float('thresholdVolts'),
        );
    }

    public function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array
    {
        $sensor = $channel->sensor;
        $input = $channel->moduleEnd->input;
        if (! $sensor instanceof SwitchSensor || ! $input instanceof SwitchInput) {
            return [];
        }
        $supply = $input->supply->supplyVolts > 0.0 ? $input->supply->supplyVolts : $state->moduleVolts();

        return $sensor->sinks
            ? [
                new Formula('pull-up', ['pull' => $input->pullVolts, 'pullOhms' => $input->pullOhms, 'input' => $input->inputOhms, 'volts' => $input->pullVolts * $input->inputOhms / ($input->pullOhms + $input->inputOhms)]),
                new Formula('pulled-down', ['pull' => $input->pullVolts, 'pullOhms' => $input->pullOhms, 'on' => $sensor->onOhms, 'volts' => $input->pullVolts * $sensor->onOhms / ($input->pullOhms + $sensor->onOhms)]),
            ]
            : [new Formula('pulled-up', ['supply' => $supply, 'pullOhms' => $input->pullOhms, 'on' => $sensor->onOhms, 'volts' => $supply * $input->pullOhms / ($input->pullOhms + $sensor->onOhms)])];
    }
}
